// The app starts once its script has been read: while the script itself runs, an error that is thrown
// and caught (React Native's style sheet tries rules that a browser may refuse) makes a browser that
// is being inspected read all of it once more for the stack trace.
Promise.resolve().then(() => require('expo-router/entry'));
