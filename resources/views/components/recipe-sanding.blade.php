{{-- How the faces of a part of a recipe are sanded. --}}
@props(['page', 'of', 'part'])
<h2>Sanding<span class="sr-only"> of {{ $of->name }}</span></h2>
@php($form = "sanding-$part")
<x-recipe-form :$page :action="route('recipes.sanding', $page->own)" :$form :$part>
    <div class="overflow-x-auto">
        <table>
            <thead>
                <tr>
                    <th scope="col">Face</th>
                    <th scope="col">Grits of your own</th>
                    <th scope="col">Stop at</th>
                    <th scope="col">Sand it</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($page->faces($of) as $face)
                    @php($key = $face->value)
                    @php($typed = old('form') === $form)
                    @php($name = mb_ucfirst($show->said($face->said())))
                    @php($ticked = (array) old('sanded'))
                    @php($isSanded = $typed ? in_array($key, $ticked, true) : $page->isSanded($of, $face))
                    <tr>
                        <th scope="row">{{ $name }}<input type="hidden" name="shown[]" value="{{ $key }}" /></th>
                        <td>
                            <input
                                class="w-full min-w-[6rem]"
                                name="own[{{ $key }}]"
                                aria-label="{{ $name }}: grits of your own"
                                placeholder="the shortest ladder"
                                maxlength="300"
                                value="{{ $typed ? old("own.$key") : $page->grits($of, $face) }}"
                            />
                            @if ($typed)
                                <x-refused :name="'own.'.$key" />
                            @endif
                        </td>
                        <td>
                            <input
                                class="w-full min-w-[5rem] max-w-[8.5rem]"
                                name="stop_at[{{ $key }}]"
                                aria-label="{{ $name }}: stop at"
                                placeholder="as its coats need"
                                maxlength="20"
                                value="{{ $typed ? old("stop_at.$key") : $page->stopsAt($of, $face) }}"
                            />
                            @if ($typed)
                                <x-refused :name="'stop_at.'.$key" />
                            @endif
                        </td>
                        <td>
                            <input
                                type="checkbox"
                                name="sanded[]"
                                value="{{ $key }}"
                                aria-label="Sand it: {{ $name }}"
                                @checked($isSanded)
                            />
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </div>
    <p class="mt-2"><button class="press" aria-label="Save it: sanding">Save it</button></p>
</x-recipe-form>
