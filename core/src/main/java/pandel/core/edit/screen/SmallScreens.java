package pandel.core.edit.screen;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import pandel.core.edit.Edit;
import pandel.core.model.Prototype;
import pandel.core.model.device.Device;
import pandel.core.model.device.Width;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Mock;
import pandel.core.model.screen.Screen;

/** Screens whose pictures are smaller than the device, and so are drawn to stand above others. */
public final class SmallScreens {

    /** A picture so much of the device's width, or of its height, does not fill it. */
    private static final double FILLS = 0.94;

    /** One as wide as the device is a sheet up to so much of its height; what is higher may be a page drawn short. */
    private static final double SHEET = 0.8;

    private record Size(double width, double height) {}

    private SmallScreens() {}

    /**
     * What pages among some screens of a prototype are drawn as: as wide as the device and lower, a sheet; as high and
     * narrower, a panel; smaller both ways, a dialog. A prototype whose pages are all drawn smaller than its devices
     * has none.
     *
     * @return the forms by the ids of the screens, in their order
     */
    public static Map<String, Form> among(Prototype prototype, List<Screen> screens) {
        Map<Width, Size> usual = usual(prototype.screens());
        Map<String, Form> forms = new LinkedHashMap<>();
        for (Screen screen : screens) {
            if (screen.form() == Form.PAGE && screen.mocks().size() == 1) {
                form(prototype, screen.mocks().getFirst(), usual).ifPresent(form -> forms.put(screen.id(), form));
            }
        }
        return forms;
    }

    /** Gives screens those forms. */
    public static Edit of(Map<String, Form> forms) {
        return Edit.of(
                forms.size() == 1
                        ? "make one screen a "
                                + forms.values().iterator().next().word()
                        : "give " + forms.size() + " screens their forms",
                p -> p.withScreens(p.screens().stream()
                        .map(s -> Optional.ofNullable(forms.get(s.id()))
                                .map(s::withForm)
                                .orElse(s))
                        .toList()));
    }

    private static Optional<Form> form(Prototype prototype, Mock mock, Map<Width, Size> usual) {
        Optional<Device> device = prototype.devices().stream()
                .filter(d -> prototype.widths().of(d.width()) == mock.on())
                .min(Comparator.comparingDouble(d -> Math.abs(d.width() - mock.width())));
        if (device.isEmpty()) {
            return Optional.empty();
        }
        Size pages = Objects.requireNonNull(usual.get(mock.on()));
        boolean narrow = mock.width() < FILLS * Math.min(device.get().width(), pages.width());
        boolean low = mock.height() < FILLS * Math.min(device.get().height(), pages.height());
        boolean veryLow = mock.height() < SHEET * Math.min(device.get().height(), pages.height());
        return narrow
                ? Optional.of(low ? Form.DIALOG : Form.PANEL)
                : veryLow ? Optional.of(Form.SHEET) : Optional.empty();
    }

    /** The size that most pages of a width have, the larger of two that as many have. */
    private static Map<Width, Size> usual(List<Screen> screens) {
        Map<Width, Map<Size, Integer>> sizes = new HashMap<>();
        screens.stream()
                .filter(s -> s.form() == Form.PAGE)
                .flatMap(s -> s.mocks().stream())
                .forEach(m -> sizes.computeIfAbsent(m.on(), w -> new LinkedHashMap<>())
                        .merge(new Size(m.width(), m.height()), 1, Integer::sum));
        Map<Width, Size> usual = new HashMap<>();
        sizes.forEach((width, counts) -> {
            List<Map.Entry<Size, Integer>> all = new ArrayList<>(counts.entrySet());
            all.sort(Map.Entry.<Size, Integer>comparingByValue()
                    .thenComparingDouble(e -> e.getKey().width() * e.getKey().height()));
            usual.put(width, all.getLast().getKey());
        });
        return usual;
    }
}
