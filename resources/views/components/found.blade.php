{{-- How a coat is whose wait is not over: asked before the next step on it is logged. --}}
@props(['required' => true])
<x-field name="found" label="Its wait is not over. The coat below is"
    ><select name="found" @required($required)>
        <option value="">choose</option>
        @foreach (lines('pages.found') as $look => $words)
            <option value="{{ $look }}" @selected(old('found') === $look)>{{ $words }}</option>
        @endforeach</select
></x-field>
