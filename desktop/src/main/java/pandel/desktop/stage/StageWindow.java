package pandel.desktop.stage;

/** The window around a stage, with all that a stage can ask of it; its parts ask for less. */
public interface StageWindow extends PageHost, ScreenPictures, Reports, WindowCommands {}
