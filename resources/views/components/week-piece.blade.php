{{-- The piece that is chosen in Weeks. --}}
@props(['chosen', 'asked'])
@php($piece = $chosen->piece)
<p class="faint">Chosen · <a href="{{ $asked->address(piece: null) }}">let go</a></p>
<h2 class="text-[1.4rem]"><a class="text-ink" href="{{ route('pieces.route', $piece) }}">{{ $piece->name }}</a></h2>
<p class="mt-1">
    <b @class(['warn' => $piece->late !== null])>{{ \App\View\WeeksChart::says($piece, $show) }}.</b>
    @if ($piece->late !== null)
        {{ $show->chain($piece->late->because) }}
    @elseif ($piece->ready_at !== null)
        Ready {{ $show->dayTime($piece->ready_at) }}.
    @endif
</p>
@if ($chosen->remedies !== [])
    <h3 class="mt-4">What would help</h3>
    @foreach ($chosen->remedies as $remedy)
        <div
            class="border-b border-rule py-1.5"
            data-price="{{ route('try.price', ['do' => [$remedy['written']], 'piece' => $piece->id]) }}"
        >
            {{ $show->said($remedy['said']) }}
            <a class="small" href="{{ route('try', ['do' => [$remedy['written']]]) }}">Work it out</a>
        </div>
    @endforeach
@endif
<form method="post" action="{{ route('weeks.move', $piece) }}" class="mt-4 grid grid-cols-2 gap-x-4">
    @csrf
    @method('put')
    <input type="hidden" name="back" value="{{ $asked->address() }}" />
    <x-field name="due_at" label="Due" class="col-span-2"
        ><input
            class="w-full"
            type="datetime-local"
            name="due_at"
            value="{{ old('due_at', $piece->due_at === null ? '' : $show->fieldTime($piece->due_at)) }}"
    /></x-field>
    <x-field name="weight" label="Being late matters"
        ><select class="w-full" name="weight">
            @foreach ($chosen->weights() as [$weight, $word])
                <option value="{{ $weight }}" @selected($weight === $piece->weight)>{{ $word }}</option>
            @endforeach</select
    ></x-field>
    <x-field name="behind" label="Goes behind"
        ><select class="w-full" name="behind">
            <option value="">nothing</option>
            @foreach ($chosen->others as $id => $name)
                <option value="{{ $id }}" @selected($id === $piece->behind_id)>{{ $name }}</option>
            @endforeach</select
    ></x-field>
    <p class="col-span-2"><button class="press">Save it</button></p>
</form>
<h3 class="mt-3">Next of it</h3>
@foreach ($chosen->steps as $step)
    <div class="flex items-baseline gap-2 border-b border-rule py-1">
        <span class="small grow"
            ><span class="faint">{{ $show->dayTime($step->start_at) }}</span> {{ $show->said($step->title) }}
            @if (isset($chosen->pins[$step->step]) && ! $chosen->isKept($step))
                <span class="warn">cannot be at {{ $show->dayTime($chosen->pins[$step->step]->start_at) }}</span>
            @endif
        </span>
        <form
            method="post"
            action="{{ isset($chosen->pins[$step->step]) ? route('pins.destroy') : route('pins.store') }}"
        >
            @csrf
            @if (isset($chosen->pins[$step->step]))
                @method('delete')
            @endif
            <input type="hidden" name="step" value="{{ $step->id }}" />
            <button
                class="quiet small whitespace-nowrap"
                aria-label="{{ $chosen->press($step) }}: {{ $show->said($step->title) }}"
            >
                {{ $chosen->press($step) }}
            </button>
        </form>
    </div>
@endforeach
<div class="mt-2 flex gap-5">
    <form method="post" action="{{ route('pins.store') }}">
        @csrf
        <input type="hidden" name="piece" value="{{ $piece->id }}" />
        <button class="quiet">Pin all its steps</button>
    </form>
    @if ($chosen->pins !== [])
        <form method="post" action="{{ route('pins.destroy') }}">
            @csrf
            @method('delete')
            <input type="hidden" name="piece" value="{{ $piece->id }}" />
            <button class="quiet">Unpin all its steps</button>
        </form>
    @endif
</div>
