<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8" />
    <meta name="viewport" content="width=device-width, initial-scale=1" />
    <link rel="icon" href="/mark.svg" />
    <title>The page was open too long · Honest Grain</title>
    @vite(['resources/css/app.css'])
</head>
<body>
    <main class="mx-auto max-w-xl px-4 sm:px-[40px] pt-[16vh]">
        <p class="faint">419</p>
        <h1>The page was open too long</h1>
        <p class="mt-3 text-[1.15rem]">Go back, reload it, and send it again; your browser has kept what you typed.</p>
        <p class="mt-6"><a class="press" href="/bench">To the Bench</a></p>
    </main>
</body>
</html>
