<!DOCTYPE html>
<html lang="{{ config('app.locale') }}">
<head>
    <title>Empty</title>
</head>
<body>
    <p>{{ $one }}</p>
</body>
</html>
