{{-- How a step is done, why it is done, and what to mind at it. --}}
@props(['step', 'words', 'told'])
<p class="small">{{ $words->line() }}</p>
<p class="faint small"><x-termed>{{ $show->said($step->details->because) }}</x-termed></p>
@foreach ($step->isOpen() ? $step->details->hazards : [] as $hazard)
    <p class="small"><b class="warn">{{ $show->said($hazard->title()) }}.</b> {{ $show->said($hazard->says()) }}</p>
@endforeach
<x-why kind="workshop">
    <x-slot:first>
        @foreach ($told->reasons($step) as $reason)
            <p>{{ $reason }}</p>
        @endforeach
        @foreach ($step->details->reckoning as $line)
            <p>{{ $show->said($line) }}</p>
        @endforeach
    </x-slot:first>
    {{ $words->why() }}
</x-why>
