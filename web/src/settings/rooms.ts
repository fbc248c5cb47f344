/** The screens of how the department works, which come together: one leads to the others. */
export { HonestyScreen } from "../honesty/HonestyScreen";
export { PeopleScreen } from "../people/PeopleScreen";
export { SettingsScreen } from "./SettingsScreen";
