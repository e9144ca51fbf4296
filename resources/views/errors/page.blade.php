<!DOCTYPE html>
<html lang="{{ config('app.locale') }}">
<head>
    <meta charset="utf-8" />
    <meta name="viewport" content="width=device-width, initial-scale=1" />
    <link rel="icon" href="{{ asset('mark.svg') }}" />
    <title>{{ $title ?? $heading }} · Honest Grain</title>
    @vite(['resources/css/app.css'])
</head>
<body>
    <main class="mx-auto max-w-xl px-4 sm:px-[40px] pt-[16vh]">
        <p class="faint">{{ $status }}</p>
        <h1>{{ $heading }}</h1>
        <p class="mt-3 text-[1.15rem]">@yield('said')</p>
        <p class="mt-6">
            <a class="press" href="{{ route('bench') }}">{{ $again ?? say('pages.errors-page.bench') }}</a>
        </p>
    </main>
</body>
</html>
