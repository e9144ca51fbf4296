@php($seconds = $exception->getHeaders()['Retry-After'] ?? 60)
@php($minutes = max(1, (int) ceil($seconds / 60)))
<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8" />
    <meta name="viewport" content="width=device-width, initial-scale=1" />
    <link rel="icon" href="/mark.svg" />
    <title>Too many tries · Honest Grain</title>
    @vite(['resources/css/app.css'])
</head>
<body>
    <main class="mx-auto max-w-xl px-4 sm:px-[40px] pt-[16vh]">
        <p class="faint">429</p>
        <h1>Too many tries</h1>
        <p class="mt-3 text-[1.15rem]">
            This was asked more often than one browser or one address may. It can be asked again in {{ $minutes }} min.
            Nothing was changed, and what is kept here goes on as it is.
        </p>
        <p class="mt-6"><a class="press" href="/bench">To the Bench</a></p>
    </main>
</body>
</html>
