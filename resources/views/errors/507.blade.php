<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8" />
    <meta name="viewport" content="width=device-width, initial-scale=1" />
    <link rel="icon" href="/mark.svg" />
    <title>The disk is full · Honest Grain</title>
    @vite(['resources/css/app.css'])
</head>
<body>
    <main class="mx-auto max-w-xl px-4 sm:px-[40px] pt-[16vh]">
        <p class="faint">507</p>
        <h1>The disk is full</h1>
        <p class="mt-3 text-[1.15rem]">
            The disk of the shop's computer has no room left, so nothing was saved. Make room on it (old photographs,
            logs, other programs' files), then go back and press again: what you typed is still there.
        </p>
        <p class="mt-6"><a class="press" href="/bench">To the Bench</a></p>
    </main>
</body>
</html>
