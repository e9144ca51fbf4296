<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8" />
    <meta name="viewport" content="width=device-width, initial-scale=1" />
    <link rel="icon" href="/mark.svg" />
    <title>Too large · Honest Grain</title>
    @vite(['resources/css/app.css'])
</head>
<body>
    <main class="mx-auto max-w-xl px-4 sm:px-[40px] pt-[16vh]">
        <p class="faint">413</p>
        <h1>What was sent is too large</h1>
        <p class="mt-3 text-[1.15rem]">
            It takes up to {{ round(config('photos.most_kilobytes') / 1000) }} MB at once. Nothing was changed; go back,
            and choose a smaller photograph or file.
        </p>
        <p class="mt-6"><a class="press" href="/bench">To the Bench</a></p>
    </main>
</body>
</html>
