{{-- The fields of somebody who works in the shop; of somebody new where none is given. --}}
@props(['page', 'worker' => null])
@php($typed = fn (string $name, mixed $else) => $page->isAsked($worker) ? old($name, $else) : $else)
<input type="hidden" name="whose" value="{{ $worker?->id }}" />
<div class="grid gap-x-8 sm:grid-cols-3">
    <x-field name="name" label="Name"
        ><input class="w-full" name="name" maxlength="120" required value="{{ $typed('name', $worker?->name) }}"
    /></x-field>
    <x-field name="user_id" label="Signs in as"
        ><select class="w-full" name="user_id">
            <option value="">nobody</option>
            @foreach ($page->users as $user)
                <option value="{{ $user->id }}" @selected((int) $typed('user_id', $worker?->user_id) === $user->id)>
                    {{ $user->name }}
                </option>
            @endforeach</select
    ></x-field>
    <x-field name="keeps" label="Works"
        ><select class="w-full" name="keeps">
            <option value="shop">in the shop's hours</option>
            <option value="own" @selected($typed('keeps', $worker?->hours === null ? 'shop' : 'own') === 'own')>
                in hours of their own
            </option>
        </select></x-field
    >
</div>
<x-disclosure label="Hours of their own" :open="$worker?->hours !== null" class="mb-2">
    <div class="mt-2 grid gap-x-8 sm:grid-cols-4">
        @foreach (lines('view.field-words.days') as $day => $label)
            <x-field :name="'hours.'.$day" :label="$label"
                ><input
                    class="w-full"
                    name="hours[{{ $day }}]"
                    placeholder="not here"
                    value="{{ $typed('hours.'.$day, $page->hours($worker, $day)) }}"
            /></x-field>
        @endforeach
    </div>
</x-disclosure>
<div class="grid gap-x-8 sm:grid-cols-2">
    <x-field name="also" label="Extra days"
        ><input
            class="w-full"
            name="also"
            placeholder="2026-12-05 09:00-13:00"
            value="{{ $typed('also', $page->also($worker)) }}"
    /></x-field>
    <x-field name="away" label="Away on"
        ><input
            class="w-full"
            name="away"
            placeholder="2026-12-24, 2026-12-25"
            value="{{ $typed('away', implode(', ', $worker->away ?? [])) }}"
    /></x-field>
</div>
<fieldset class="mb-3 flex flex-wrap gap-x-6 gap-y-1">
    <legend class="faint small mb-1">May do</legend>
    @foreach ($page->skills() as $skill => $word)
        <label class="inline-flex min-h-[32px] items-center gap-2">
            <input type="checkbox" name="skills[]" value="{{ $skill }}" @checked($page->does($worker, $skill)) />
            {{ $word }}
        </label>
    @endforeach
    <x-refused name="skills" />
</fieldset>
