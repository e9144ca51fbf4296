@props(['title', 'section' => null, 'isFound' => true])
<!DOCTYPE html>
<html lang="{{ config('app.locale') }}" data-theme="{{ $me?->prefers('theme') ?? 'system' }}">
<head>
    <meta charset="utf-8" />
    <meta name="viewport" content="width=device-width, initial-scale=1" />
    <meta name="csrf-token" content="{{ csrf_token() }}" />
    <title>{{ $title }} · Honest Grain</title>
    @if (! $isFound)
        <meta name="robots" content="noindex" />
    @endif
    <link rel="manifest" href="{{ asset('app.webmanifest') }}" />
    <meta name="theme-color" content="#f5f0e4" media="(prefers-color-scheme: light)" />
    <meta name="theme-color" content="#171510" media="(prefers-color-scheme: dark)" />
    <link rel="icon" href="{{ asset('mark.svg') }}" type="image/svg+xml" />
    @if ($me !== null && ! $me->isReader())
        <meta
            name="alive"
            content="{{ route('plan') }}"
            data-at="{{ now()->timestamp }}"
            data-user="{{ $me->id }}"
            data-who="{{ $me->name }}"
            data-tone="{{ $me->prefers('tone') }}"
            data-quiet="{{ $me->quietHours() }}"
            data-zone="{{ $me->timeZone() }}"
        />
    @endif
    <meta name="lines" content="{{ json_encode(lines('scripts')) }}" />
    @vite(['resources/css/app.css', 'resources/js/app.js'])
</head>
<body>
    <a href="#content" class="sr-only focus:not-sr-only focus:absolute focus:bg-paper focus:p-3">Skip to the content</a>
    @auth
        <header class="no-print head flex items-baseline gap-x-8 gap-y-1 border-b border-ink pt-3.5 sm:flex-wrap">
            <a href="{{ route('bench') }}" class="pb-3 font-slab text-[1.15rem] font-semibold text-ink no-underline"
                >Honest Grain</a
            >
            <nav aria-label="Main" class="tabs">
                @php($sections = $me->isReader() ? lines('view.show.sections-reader') : lines('view.show.sections'))
                @foreach ($sections as $path => $label)
                    <a
                        href="{{ route($path === 'pieces' ? 'pieces.index' : $path) }}"
                        class="pb-2"
                        @if ($section === $path) aria-current="page" @endif
                        >{{ $label }}</a
                    >
                @endforeach
            </nav>
            <div class="faint small ml-auto flex items-baseline gap-5 pb-2">
                <span>{{ $show->whereAndWhen($me->workshop) }}</span>
                @if (! $me->isReader())
                    <a data-find href="{{ route('find') }}" aria-keyshortcuts="/">Find</a>
                @endif
                <a href="{{ route('help') }}" class="max-sm:hidden">Help</a>
                <form method="post" action="{{ route('logout') }}">
                    @csrf
                    <button class="quiet whitespace-nowrap">Sign out</button>
                </form>
            </div>
        </header>
    @endauth
    <main id="content">
        <div class="no-print sticky top-0 z-10 bg-paper">
            <div id="rings" class="rings" role="alert" hidden></div>
            <p id="away" class="warn page py-2" role="status" hidden>
                <span id="stood"></span>
                The shop’s computer does not answer. Clocks keep running. What you press at the bench is kept here and
                sent later.
            </p>
            <section id="presses" class="presses" aria-label="Waiting for the network" hidden></section>
            <p
                id="said"
                role="status"
                class="{{ session('said') ? 'px-4 sm:px-[40px] py-2' : '' }} mx-auto max-w-[1440px]"
            >
                @if (session('said'))
                    {{ $show->said(session('said')) }} {{ App\View\Moved::words(session('moved'), $show) }}
                @endif
                @if (session('undo'))
                    <button class="quiet" form="undo-last">Take it back</button>
                @endif
                @if (session('takeBack'))
                    <button class="quiet" form="take-back">Take it back</button>
                @endif
            </p>
            <x-leaving />
            <x-first-visit />
            @inject('shown', 'App\View\ShownErrors')
            @php($others = $shown->others($errors))
            @php($linked = $shown->linked($errors))
            @if ($others !== [] || $linked !== [])
                <div class="mx-auto max-w-[1440px] px-4 sm:px-[40px] py-1" role="alert" id="problems">
                    <ul class="note note-warn max-h-[30vh] overflow-y-auto">
                        @foreach ($others as $message)
                            <li>{{ $message }}</li>
                        @endforeach
                        @foreach ($linked as $anchor => $message)
                            <li><a href="#{{ $anchor }}">{{ $message }}</a></li>
                        @endforeach
                    </ul>
                </div>
            @endif
        </div>
        @if (session('undo'))
            <form method="post" action="{{ route('log.undo', session('undo')) }}" id="undo-last" data-live hidden>
                @csrf
            </form>
        @endif
        @if (session('takeBack'))
            <form method="post" action="{{ route('try.back') }}" id="take-back" hidden>
                @csrf
            </form>
        @endif
        {{ $slot }}
    </main>
    @auth
        <footer class="no-print foot">
            <nav aria-label="About this program" class="flex flex-wrap gap-x-6 gap-y-1">
                @foreach (lines('pages.help.foot') as $name => $label)
                    <a href="{{ route($name) }}">{{ $label }}</a>
                @endforeach
            </nav>
            <p>Honest Grain {{ config('app.version') }}</p>
        </footer>
    @endauth
</body>
</html>
