<!DOCTYPE html>
<html lang="en">
<head>
    <title>Empty</title>
</head>
<body>
    <p>{{ $one }}</p>
</body>
</html>
