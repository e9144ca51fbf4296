{{-- A half profile from a picture: pressed over a photograph, read out of an SVG, or typed. --}}
@props(['typed'])
<details
    id="from-a-picture"
    class="mt-2"
    x-data="tracer"
    @if ($typed('outline', '') || $errors->hasAny('outline', 'axis', 'known')) open @endif
>
    <summary class="inline-block py-2 text-act underline underline-offset-4">
        From a picture of its half profile
    </summary>
    <p class="faint small">
        <x-termed>Press on the centre line first. Then go up the outside, from foot to rim.</x-termed>
    </p>
    <div class="mt-1 flex flex-wrap items-end gap-x-5">
        <x-field name="picture" label="Photograph or SVG" class="mb-0">
            <input type="file" accept="image/*,.svg" x-on:change="take" />
        </x-field>
        <button type="button" class="quiet pb-2" x-on:click="back" x-bind:disabled="none">
            Take back the last point
        </button>
        <button type="button" class="quiet pb-2" x-on:click="clear" x-bind:disabled="none">Begin again</button>
    </div>
    <p class="small warn" role="status" x-text="says"></p>
    <svg
        class="tracer"
        x-ref="stage"
        viewBox="0 0 800 500"
        hidden
        x-on:click="press"
        aria-hidden="true"
    >
        <image
            x-ref="picture"
            width="800"
            height="500"
        />
        <path
            class="tracer-axis"
            x-ref="axisLine"
        />
        <path
            class="tracer-line"
            x-ref="line"
        />
        <g
            x-ref="dots"
        ></g>
    </svg>
    <div class="mt-2 grid grid-cols-[1fr_9rem_12rem] items-start gap-x-4 max-sm:grid-cols-2">
        <x-field name="outline" label="Points, x and y" hint="“120,40 131,52 …”, y downwards" class="max-sm:col-span-2">
            <textarea
                class="w-full"
                name="outline"
                rows="2"
                maxlength="6000"
                x-ref="outline"
                x-on:input="typed"
                >{{ $typed('outline', '') }}</textarea
            >
        </x-field>
        <x-number
            name="axis"
            label="Centre line at x"
            :value="$typed('axis', '')"
            class="w-full"
            x-ref="axis"
            x-on:input="typed"
        />
        <x-field name="known" label="Drawn to" hint="the other sizes come from the picture">
            <select class="w-full" name="known">
                @foreach (App\Planning\KnownLength::cases() as $known)
                    <option value="{{ $known->value }}" @selected($typed('known', 'diameter') === $known->value)>
                        {{ $known->label() }}
                    </option>
                @endforeach
            </select>
        </x-field>
    </div>
</details>
