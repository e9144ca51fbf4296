<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8" />
    <meta name="viewport" content="width=device-width, initial-scale=1" />
    <link rel="icon" href="/mark.svg" />
    <title>The records do not answer · Honest Grain</title>
    @vite(['resources/css/app.css'])
</head>
<body>
    <main class="mx-auto max-w-xl px-4 sm:px-[40px] pt-[16vh]">
        <p class="faint">503</p>
        <h1>The workshop's records do not answer</h1>
        <p class="mt-3 text-[1.15rem]">
            The database is stopped or too busy; the page works again as soon as it answers. Nothing that was saved is
            lost. If you have just pressed something, look whether it stands before you press again.
        </p>
        <p class="mt-6"><a class="press" href="/bench">Try again</a></p>
    </main>
</body>
</html>
