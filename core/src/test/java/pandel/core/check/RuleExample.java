package pandel.core.check;

import java.util.Arrays;
import java.util.List;
import pandel.core.Made;
import pandel.core.check.finding.Rule;
import pandel.core.model.Prototype;

/**
 * A small prototype that shows a rule, and one like it that must not, as {@link Made} writes them, a bar between
 * screens.
 */
record RuleExample(Rule rule, String shows, String mustNot) {

    static final List<RuleExample> ALL = List.of(
            new RuleExample(
                    Rule.RETURN_TO_NOWHERE,
                    "home page: back return; on advance next | next page: back return",
                    "home page: on advance next | next page: back return"),
            new RuleExample(
                    Rule.RETURN_TO_ABSENT,
                    "home page: on advance b; off replace b | b page: up return to home; on advance home",
                    "home page: on advance b | b page: up return to home"),
            new RuleExample(
                    Rule.ROW_ABSENT,
                    "home page: on advance b; list advance b ^rows | b page: next nextrow; up return",
                    "home page: list advance b ^rows | b page: next nextrow; up return"),
            new RuleExample(
                    Rule.TRAIL_GROWS,
                    "home page: on advance b | b page: up advance home",
                    "home page: on advance b | b page: up return x"),
            new RuleExample(
                    Rule.TRAIL_GROWS,
                    "home page: on advance b | b page: next advance c; up return | c page: prev advance b; up return",
                    "home page: on advance b | b page: next replace c; up return | c page: prev replace b; up return"),
            new RuleExample(
                    Rule.TRAIL_GROWS,
                    "home page: on advance b | b page: more advance b; up return",
                    "home page: on advance b +kind=one | b page needs:kind: more advance b +kind=two; up return"),
            new RuleExample(
                    Rule.SET_IN_ITSELF,
                    "home page: on advance $t | a page: x advance $t/b | b page: y return | tabs t a,b",
                    "home page: on advance $t | a page: x switch t-b | b page: y return | tabs t a,b"),
            new RuleExample(
                    Rule.WAIT_IN_TRAIL,
                    "splash page: 900 advance home | home page: a advance splash",
                    "splash page: 900 replace home | home page: a advance more | more page: back return"),
            new RuleExample(
                    Rule.ENDLESS_WAITS,
                    "a page: 500 replace b | b page: 500 replace a",
                    "a page: 500 replace b | b page: 500 replace c | c page: x advance a"),
            new RuleExample(
                    Rule.ENDLESS_WAITS,
                    "a page: 500 advance b | b page: 500 return x",
                    "a page: 500 advance b; t advance c | b page: 500 return x | c page: back return"),
            new RuleExample(
                    Rule.CANNOT_CLOSE,
                    "home page: a open above ask | ask dialog shut: next advance sure | sure dialog: more advance "
                            + "third | third dialog: round advance sure",
                    "home page: a open above ask | ask dialog shut: next advance sure | sure dialog: more advance "
                            + "ask; done close x"),
            new RuleExample(
                    Rule.DEEP_OVERLAYS,
                    "home page: a open above a | a dialog: b open above b | b dialog: c open above c | c dialog: "
                            + "x close x",
                    "home page: a open above a | a dialog: b open above b | b dialog: x close x"),
            new RuleExample(
                    Rule.CLOSED_CIRCLE,
                    "home page: a replace p; r replace x | p page: q replace q | q page: w replace w | w page: p "
                            + "replace p | x page: y replace y | y page: x replace x",
                    "home page: a replace p; r replace x | p page: q replace q | q page: w replace w | w page: p "
                            + "replace p | x page: y replace y | y page: x replace x; up replace home"),
            new RuleExample(
                    Rule.LINK_NEVER_FIRES,
                    "home page: shut close x; on advance b | b page: back return",
                    "home page: up open above b | b page: shut close x"),
            new RuleExample(
                    Rule.LINK_NEVER_FIRES,
                    "home page: bad advance ask; ok open above ask | ask dialog: x close x",
                    "home page: ok open above ask | ask dialog: x close x"),
            new RuleExample(
                    Rule.HOTSPOT_WITHOUT_LINK,
                    "home page: bare; on advance b | b page: back return",
                    "home page: on advance b | b page: back return"),
            new RuleExample(
                    Rule.TITLE_TWICE,
                    "home page: on advance HOME | HOME page: back return",
                    "home page: on advance b | b page: back return"),
            new RuleExample(
                    Rule.DEAD_END,
                    "home page: on replace b | b page: bare",
                    "home page: on replace b | b page end: bare"),
            new RuleExample(
                    Rule.UNREACHED_SCREEN,
                    "home page: on advance b | b page: back return | c page: back return",
                    "home page: on advance b | b page: back return | c page parked: back return"),
            new RuleExample(
                    Rule.MISSING_TARGET,
                    "home page: on advance b; x advance gone | b page: back return",
                    "home page: on advance b | b page: back return"),
            new RuleExample(
                    Rule.MISSING_TARGET,
                    "home page: on advance #intro | a page | sequence intro a,gone finish:home",
                    "home page: on advance #intro | a page | b page | sequence intro a,b finish:home"),
            new RuleExample(
                    Rule.MISSING_TARGET,
                    "home page: on advance b; x draw gone | b page: back return",
                    "home page: on advance b; x draw menu | b page: back return | drawer menu a=b,c=home,d=b,e=home"),
            new RuleExample(
                    Rule.DRAWER_NO_HANDLE,
                    "home page: on advance b | b page: back return | drawer menu a=b,c=home,d=b,e=home",
                    "home page: on advance b; m draw menu | b page: back return | drawer menu a=b,c=home,d=b,e=home"),
            new RuleExample(
                    Rule.DRAWER_NO_HANDLE,
                    "home page: on advance b | b page: back return | drawer menu a=b,c=home,d=b,e=home unpulled",
                    "home page: on advance b | b page: back return | drawer menu a=b,c=home,d=b,e=home stays | "
                            + "devices desktop"),
            new RuleExample(
                    Rule.DRAWER_CROWDED,
                    "home page: on advance b; m draw menu | b page: back return | drawer menu "
                            + "a=b,c=b,d=b,e=b,f=b,g=b,h=b,i=b,j=b,k=b",
                    "home page: on advance b; m draw menu | b page: back return | drawer menu "
                            + "a=b,c=b,d=b,e=b,f=b,g=b,h=b,i=b,j=b"),
            new RuleExample(
                    Rule.DRAWER_FEW,
                    "home page: on advance b; m draw menu | b page: back return | drawer menu b,home",
                    "home page: on advance b; m draw menu | b page: back return | drawer menu a=b,c=home,d=b,e=home"),
            new RuleExample(
                    Rule.SIDEWAYS_TWICE,
                    "home page: on advance b; m draw menu | b page: back return | drawer menu "
                            + "a=b,c=home,d=b,e=home | devices small-phone",
                    "home page: on advance b; m draw menu | b page: back return | drawer menu "
                            + "a=b,c=home,d=b,e=home right | devices small-phone"),
            new RuleExample(
                    Rule.SIDEWAYS_TWICE,
                    "home page: on advance b; m draw menu; x advance b ~edge-swipe-left | b page: back return | "
                            + "drawer menu a=b,c=home,d=b,e=home",
                    "home page: on advance b; m draw menu; x advance b ~edge-swipe-left | b page: back return | "
                            + "drawer menu a=b,c=home,d=b,e=home right"),
            new RuleExample(
                    Rule.SIDEWAYS_TWICE,
                    "home page: on advance b; m draw menu; n draw more | b page: back return | drawer menu "
                            + "a=b,c=home,d=b,e=home | drawer more q=b,r=home,s=b,t=home",
                    "home page: on advance b; m draw menu; n draw more | b page: back return | drawer menu "
                            + "a=b,c=home,d=b,e=home | drawer more q=b,r=home,s=b,t=home right"),
            new RuleExample(
                    Rule.DEVICE_CANNOT,
                    "home page: on advance b; m draw menu | b page: back return | drawer menu "
                            + "a=b,c=home,d=b,e=home | devices watch",
                    "home page: on advance b; m draw menu | b page: back return | drawer menu a=b,c=home,d=b,e=home"),
            new RuleExample(
                    Rule.DEVICE_CANNOT,
                    "home page: on advance #intro | a page: x advance c | b page | c page: back return | sequence "
                            + "intro a,b finish:home | devices watch",
                    "home page: on advance #intro | a page: x replace c | b page | c page: back return | sequence "
                            + "intro a,b finish:home | devices watch"),
            new RuleExample(
                    Rule.TAB_COUNT,
                    "home page: on advance $main | a page | tabs main a",
                    "home page: on advance $main | a page | b page | tabs main a,b"),
            new RuleExample(
                    Rule.TAB_COUNT,
                    "home page: on advance $main | a page | b page | c page | d page | e page | f page | tabs "
                            + "main a,b,c,d,e,f",
                    "home page: on advance $main | a page | b page | c page | d page | e page | tabs main a,b,c,d,e"),
            new RuleExample(
                    Rule.TAB_LABEL_TWICE,
                    "home page: on advance $main | a page | b page | tabs main new=a,New=b",
                    "home page: on advance $main | a page | b page | tabs main new=a,old=b"),
            new RuleExample(
                    Rule.TAB_SCREEN_TWICE,
                    "home page: on advance $main | a page | b page | tabs main a,b,again=a",
                    "home page: on advance $main | a page | b page | tabs main a,b"),
            new RuleExample(
                    Rule.TAB_WITHOUT_TARGET,
                    "home page: on advance $main | a page | b page | tabs main a,b,c=gone",
                    "home page: on advance $main | a page | b page | tabs main a,b"),
            new RuleExample(
                    Rule.TAB_WITHOUT_TARGET,
                    "home page: on advance $main | a page | b dialog: x close x | tabs main a,b",
                    "home page: on advance $main | a page | b page | tabs main a,b"),
            new RuleExample(
                    Rule.TAB_ADVANCED_TO,
                    "home page: on advance $main | a page: over advance b | b page | tabs main a,b",
                    "home page: on advance $main | a page: over switch main-b | b page | tabs main a,b"),
            new RuleExample(
                    Rule.STRIP_VANISHES,
                    "home page: on advance $main | a page: in advance x | b page | x page | tabs main a,b hidden:x",
                    "home page: on advance $main | a page: in advance x | b page | x page: back return | tabs "
                            + "main a,b hidden:x"),
            new RuleExample(
                    Rule.MISSING_TARGET,
                    "home page: on advance $main; x switch gone | a page | b page | tabs main a,b",
                    "home page: on advance $main | a page: x switch main-b | b page | tabs main a,b"),
            new RuleExample(
                    Rule.FINISH_MISSING,
                    "home page: on advance #intro | a page | b page | sequence intro a,b",
                    "home page: on advance #intro | a page | b page | sequence intro a,b finish:return"),
            new RuleExample(
                    Rule.SIDEWAYS_TWICE,
                    "home page: on advance #intro | a page: side return ~swipe-left | b page | sequence intro a,b "
                            + "finish:home",
                    "home page: on advance #intro | a page: side return ~swipe-up | b page | sequence intro a,b "
                            + "finish:home"),
            new RuleExample(
                    Rule.SIDEWAYS_TWICE,
                    "home page: on advance $main | a page: side return ~swipe-left | b page | tabs main a,b swiped",
                    "home page: on advance $main | a page: side return ~swipe-left | b page | tabs main a,b"),
            new RuleExample(Rule.NO_ENTRY, "ask dialog: x close x", "home page end: bare"),
            new RuleExample(
                    Rule.ONLY_DEVICE_BACK,
                    "home page: on advance b | b page: bare",
                    "home page: on advance b | b page: back return"),
            new RuleExample(
                    Rule.COVERED_HOTSPOT,
                    "home page drawn: a@20,20,100,60 advance b; b@10,10,200,200 advance b | b page: back return",
                    "home page drawn: a@20,20,100,60 advance b; b@10,90,200,200 advance b | b page: back return"),
            new RuleExample(
                    Rule.SAME_CAUSE_TWICE,
                    "home page: a advance b & restart home | b page: back return",
                    "home page: a advance b; c restart home | b page: back return"),
            new RuleExample(
                    Rule.OUTSIDE_MOCK,
                    "home page drawn: a@380,20,60,60 advance b | b page: back return",
                    "home page drawn: a@320,20,60,60 advance b | b page: back return"),
            new RuleExample(
                    Rule.TARGET_SIZE,
                    "home page drawn: a@20,20,20,60 advance b | b page: back return",
                    "home page drawn: a@20,20,44,60 advance b | b page: back return"),
            new RuleExample(
                    Rule.CLOSED_CIRCLE,
                    "home page home: a replace p | p page: q replace q | q page: p replace p",
                    "home page: a replace p | p page home: q replace q | q page: p replace p"),
            new RuleExample(
                    Rule.STATE_NEVER_HOLDS,
                    "home page when:ready when:ready-and-late: on advance b % ready | b page: back return % late",
                    "home page when:ready-and-late when:ready: on advance b % ready | b page: back return % late"),
            new RuleExample(
                    Rule.STATE_NEVER_HOLDS,
                    "home page: on advance b % ready | b page when:ready-is-no: back return",
                    "home page: on advance b | b page when:ready-is-no: back return; off % ready"),
            new RuleExample(
                    Rule.FACT_NEVER_SET,
                    "home page when:ready: on advance b | b page: back return",
                    "home page when:ready: on advance b % ready | b page: back return"),
            new RuleExample(
                    Rule.FACT_NEVER_READ,
                    "home page: on advance b % ready | b page: back return",
                    "home page when:ready: on advance b % ready | b page: back return"),
            new RuleExample(
                    Rule.FACT_NEVER_READ,
                    "home page: on advance b % ready | b page: back return",
                    "home page title:Home-{ready}: on advance b % ready | b page: back return"),
            new RuleExample(
                    Rule.ONE_OUTCOME,
                    "home page: save =saved advance b | b page: back return",
                    "home page: save advance b | b page: back return"),
            new RuleExample(
                    Rule.FIXED_WAIT_FOR_WORK,
                    "home page: on advance wait | wait page: paying; 3000 replace paid | paid page end: bare",
                    "home page: on advance Paying | Paying page: 3000 replace paid | paid page end: bare"),
            new RuleExample(
                    Rule.FIXED_WAIT_FOR_WORK,
                    "home page: pay advance paid !2000 | paid page end: bare",
                    "home page: pay =paid advance paid !2000 or =refused return x | paid page end: bare"),
            new RuleExample(
                    Rule.COPIED_WORDS,
                    "home page title:Home: on advance b | b page copy:home title:Home: back return",
                    "home page title:Home: on advance b | b page copy:home title:Other: back return"),
            new RuleExample(
                    Rule.ONE_OUTCOME,
                    "home page: pay advance paid !done | paid page end: bare",
                    "home page: pay =paid advance paid !done or =refused return x | paid page end: bare"),
            new RuleExample(
                    Rule.WAIT_TOO_SHORT,
                    "home page: 600 replace b; skip advance b | b page end: bare",
                    "home page: 2000 replace b; skip advance b | b page end: bare"),
            new RuleExample(
                    Rule.HIDDEN_GESTURE_ONLY,
                    "home page: on ~long-press advance b | b page: back return",
                    "home page: on ~long-press advance b; too advance b | b page: back return"),
            new RuleExample(
                    Rule.MOCK_MISSING,
                    "home page drawn: on advance b | b page: back return | devices phone,tablet",
                    "home page drawn: on advance b | b page: back return | devices phone,small-phone"),
            new RuleExample(
                    Rule.HOTSPOT_NOT_PLACED,
                    "home page drawn wide: on advance b; 900 advance b | b page: back return | devices phone,desktop",
                    "home page drawn: on advance b | b page: back return | devices phone,desktop"),
            new RuleExample(
                    Rule.DEAD_END,
                    "home page drawn wide: on advance b | b page: back return | devices phone,desktop",
                    "home page drawn wide: on advance b; 900 advance b | b page: back return | devices phone,desktop"),
            new RuleExample(
                    Rule.DEVICE_CANNOT,
                    "home page: a open above a | a dialog: b open above b | b dialog: x close x | devices watch",
                    "home page: a open above a | a dialog: b open above b | b dialog: x close x | devices phone"),
            new RuleExample(
                    Rule.DEVICE_CANNOT,
                    "home page: on replace b; up open above ask | b page: back return | ask dialog: x close x | refuses replace",
                    "home page: on advance b; up open above ask | b page: back return | ask dialog: x close x | refuses replace"),
            new RuleExample(
                    Rule.DEVICE_CANNOT,
                    "home page: on advance b; up open above ask | b page: back return | ask dialog: x close x | refuses dialogs",
                    "home page: on advance b; up advance b | b page: back return | ask dialog: x close x | refuses dialogs"),
            new RuleExample(
                    Rule.DEVICE_CANNOT,
                    "home page: on advance b; up ~long-press advance b | b page: back return | refuses long press",
                    "home page: on advance b; up ~double-tap advance b | b page: back return | refuses long press"),
            new RuleExample(
                    Rule.ADDRESS_UNUSABLE,
                    "home page: on advance b +loan=drill | b page needs:loan: back return | address /loans b",
                    "home page: on advance b +loan=drill | b page needs:loan: back return | address /loans/{loan} b"),
            new RuleExample(
                    Rule.ADDRESS_PART,
                    "home page: on advance b | b page: back return | address /b/{thing} b",
                    "home page: on advance b | b page expects:thing: back return | address /b/{thing} b"),
            new RuleExample(
                    Rule.ADDRESS_PART,
                    "home page: on advance b +thing=one | b page needs:thing: back return | address /b/{thing?} b",
                    "home page: on advance b +thing=one | b page expects:thing: back return | address /b/{thing?} b"),
            new RuleExample(
                    Rule.VALUE_MISSING,
                    "home page: on advance b | b page needs:loan: back return",
                    "home page: on advance b +loan=drill | b page needs:loan: back return"),
            new RuleExample(
                    Rule.VALUE_MISSING,
                    "home page: name ^field; on advance b +loan=typed:home.name | b page needs:loan: back return",
                    "home page: name ^field; on advance b +loan=typed:home.name | b page expects:loan: back return"),
            new RuleExample(
                    Rule.VALUE_UNKNOWN,
                    "home page: on advance b +loan=drill | b page: back return",
                    "home page: on advance b +loan=drill | b page expects:loan: back return"),
            new RuleExample(
                    Rule.VALUE_TYPE,
                    "home page: on advance b +loan=drill | b page expects:loan/number: back return",
                    "home page: on advance b +loan=3 | b page expects:loan/number: back return"),
            new RuleExample(
                    Rule.VALUE_MISSING,
                    "home page: on advance $main; two advance $main/b; ok advance need +loan=drill | need page "
                            + "needs:loan: back return | b page: back return | tabs main a=need,b",
                    "home page: on advance $main +loan=drill; two advance $main/b +loan=drill; ok advance need "
                            + "+loan=drill | need page needs:loan: back return | b page: back return | tabs main "
                            + "a=need,b"),
            new RuleExample(
                    Rule.VALUE_MISSING,
                    "home page: on advance #intro | a page | b page needs:loan | sequence intro a,b finish:home",
                    "home page: on advance #intro +loan=drill | a page | b page needs:loan | sequence intro a,b "
                            + "finish:home"),
            new RuleExample(
                    Rule.RETURN_TO_NOWHERE,
                    "home page: ask open above s | s sheet: leave return ^beneath; x close x",
                    "home page: on advance b | b page: ask open above s; back return | s sheet: leave return "
                            + "^beneath; x close x"),
            new RuleExample(
                    Rule.BRANCH_NEVER,
                    "home page: on advance b; save =saved advance b or return x | b page: back return",
                    "home page: on advance b; save =saved advance b or =failed return x | b page: back return"),
            new RuleExample(
                    Rule.FIELD_ROWS,
                    "home page: on advance b; find ^rows return | b page: back return",
                    "home page: on advance b; find ^field | b page: back return"),
            new RuleExample(
                    Rule.UNKNOWN_PLACEHOLDER,
                    "home page: on advance b | b page title:Loan-{loan}: back return",
                    "home page: on advance b +loan=drill | b page title:Loan-{loan} expects:loan: back return"),
            new RuleExample(
                    Rule.TITLE_EMPTY,
                    "home page untitled: on advance b | b page: back return",
                    "home page: on advance b | b page: back return"));

    static Prototype made(String text) {
        return Made.of(Arrays.stream(text.split("\\|")).map(String::strip).toArray(String[]::new));
    }
}
