{{-- What is looked at before the step is ticked off: a question, its answers, and what each leads on to. --}}
@use('HonestGrain\Drawing\LookPicture')
@use('HonestGrain\Route\LookAnswer')
@props(['step', 'looks'])
@php($canBeDone = $step->canBeDoneAtOnce(session('cautioned', [])))
@foreach ($looks as $panel)
    @php([$look, $time] = [$panel->look, $panel->last ? $show->time($panel->last->happened_at) : ''])
    <div class="look-row" id="look-{{ $look->value }}-{{ $step->id }}">
        <div role="img" aria-label="{{ $show->said($look->pictured()) }}">{!! LookPicture::of($look->value) !!}</div>
        <div>
            <p class="text-[1.18rem] leading-snug" data-read-aloud>{{ $show->said($look->asks()) }}</p>
            @if ($panel->isByHand())
                <p class="note mt-2" data-read-aloud>
                    <strong>{{ $time }}: {{ $show->said($look->says(LookAnswer::Few)) }}.</strong>
                    {{ $show->said($look->byHand()) }} Then look again.
                </p>
            @endif
            <div class="hands-row mt-2">
                @foreach ($look->answers() as $answer)
                    @if ($answer === LookAnswer::Clean && $canBeDone)
                        <x-step-form
                            :$step
                            to="done"
                            :press="say('pages.bench.clean-done', ['answer' => $show->said($look->says($answer))])"
                            data-live
                        >
                            <input type="hidden" name="look" value="{{ $look->value }}" />
                            <input type="hidden" name="saw" value="{{ $answer->value }}" />
                        </x-step-form>
                    @elseif ($answer !== LookAnswer::Clean)
                        <x-step-form :$step to="look" :press="$show->said($look->says($answer))" data-live>
                            <x-once />
                            <input type="hidden" name="look" value="{{ $look->value }}" />
                            <input type="hidden" name="saw" value="{{ $answer->value }}" />
                        </x-step-form>
                    @endif
                @endforeach
            </div>
            <details class="mt-3" id="photo-{{ $look->value }}-{{ $step->id }}">
                <summary class="small inline-block py-2 text-act underline underline-offset-4">
                    Keep a photograph of it
                </summary>
                <x-step-form :$step to="look" press="Keep it" data-live enctype="multipart/form-data" class="mt-1">
                    <x-once />
                    <input type="hidden" name="look" value="{{ $look->value }}" />
                    <x-field name="saw" label="It shows"
                        ><select name="saw">
                            @foreach ($look->answers() as $answer)
                                <option value="{{ $answer->value }}">{{ $show->said($look->says($answer)) }}</option>
                            @endforeach</select
                    ></x-field>
                    <x-photograph label="Photograph" />
                </x-step-form>
            </details>
        </div>
    </div>
@endforeach
