<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8" />
    <meta name="viewport" content="width=device-width, initial-scale=1" />
    <link rel="icon" href="/mark.svg" />
    <title>Something in the program broke · Honest Grain</title>
    @vite(['resources/css/app.css'])
</head>
<body>
    <main class="mx-auto max-w-xl px-4 sm:px-[40px] pt-[16vh]">
        <p class="faint">500</p>
        <h1>Something in the program broke</h1>
        <p class="mt-3 text-[1.15rem]">
            Nothing was half-saved. Try again; if it stays, the log on this machine says more.
        </p>
        <p class="mt-6"><a class="press" href="/bench">To the Bench</a></p>
    </main>
</body>
</html>
