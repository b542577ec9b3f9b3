<!doctype html>
<html lang="en">
<head>
  <meta charset="utf-8">
  <meta name="viewport" content="width=device-width, initial-scale=1, viewport-fit=cover">
  <meta name="color-scheme" content="dark light">
  <meta name="theme-color" content="#171430">
  <meta name="generation" content="{{ DuskSwitch\App\Database\Generation::ofPage() }}">
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
