/** The themes by themselves: through the package's door all of its hundred widgets would run at the start. */
declare module 'react-native-paper/lib/module/styles/themes' {
  export { MD3DarkTheme, MD3LightTheme } from 'react-native-paper';
}
