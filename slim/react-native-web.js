// What the router asks the whole of React Native for the web for, each part when it is first drawn. The app's own
// screens and the other packages name the part that they need: the compiler sees to that.
module.exports = {
  get I18nManager() {
    return require('react-native-web/dist/exports/I18nManager').default;
  },
  get Image() {
    return require('react-native-web/dist/exports/Image').default;
  },
  get Platform() {
    return require('react-native-web/dist/exports/Platform').default;
  },
  get Pressable() {
    return require('react-native-web/dist/exports/Pressable').default;
  },
  get ScrollView() {
    return require('react-native-web/dist/exports/ScrollView').default;
  },
  get StyleSheet() {
    return require('react-native-web/dist/exports/StyleSheet').default;
  },
  get Text() {
    return require('react-native-web/dist/exports/Text').default;
  },
  get TextInput() {
    return require('react-native-web/dist/exports/TextInput').default;
  },
  get View() {
    return require('react-native-web/dist/exports/View').default;
  },
  get useColorScheme() {
    return require('react-native-web/dist/exports/useColorScheme').default;
  },
};
