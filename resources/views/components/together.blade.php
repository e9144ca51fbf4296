{{-- The same on other pieces: told, and done with one press, what was used being shared by what each was to take. --}}
@props(['step', 'others'])
@if ($others->isNotEmpty())
    <div class="note" id="together">
        <strong>While the tin or tool is out, also on:</strong>
        @foreach ($others as $other)
            <a href="{{ route('pieces.route', $other->piece_id) }}">{{ $other->piece->name }}</a
            >{{ $loop->last ? '.' : ',' }}
        @endforeach
        @if ($step->canBeDoneAtOnce(session('cautioned', [])))
            <x-disclosure label="Done on several of them" id="several" class="mt-1">
                <x-step-form :$step to="done" press="Done on these" is-big data-live class="mt-2">
                    <fieldset class="grid gap-x-6 sm:grid-cols-2">
                        <legend class="faint small">{{ $step->piece->name }}, and also</legend>
                        @foreach ($others as $other)
                            @continue(! $other->canBeDoneAtOnce(session('cautioned', [])))
                            <label class="check"
                                ><input type="checkbox" name="also[{{ $other->id }}]" value="{{ $other->mark() }}" />
                                {{ $other->piece->name }}
                                @if ($other->details->amount)
                                    <span class="faint small">{{ $show->quantity($other->details->amount) }}</span>
                                @endif
                            </label>
                        @endforeach
                    </fieldset>
                    @if ($step->details->amount)
                        <x-number
                            name="amount"
                            :label="say('pages.bench.used-on-all', ['unit' => $step->details->amount->unit->value])"
                            hint="Shared by what each was to take."
                        />
                    @endif
                </x-step-form>
            </x-disclosure>
        @endif
    </div>
@endif
