<!doctype html>
<html lang="en">
<head>
  <meta charset="utf-8">
  <meta name="viewport" content="width=device-width, initial-scale=1, viewport-fit=cover">
  <meta name="color-scheme" content="dark light">
  <meta name="theme-color" content="#171430">
  <title>Dusk Switch</title>
  <link rel="icon" href="/icon.svg" type="image/svg+xml">
  <script src="/theme.js"></script>
  @viteReactRefresh
  @vite('resources/js/main.tsx')
</head>
<body>
  <div id="root"></div>
  <noscript>Dusk Switch needs JavaScript.</noscript>
</body>
</html>
