@php($piece = $page->piece)
<x-piece :page="$page" tab="record" title="record">
    <div class="grid gap-x-14 lg:grid-cols-[1.6fr_1fr]">
        <div>
            <h2>What happened</h2>
            <form
                method="post"
                action="{{ route('pieces.record', $piece) }}"
                class="mt-2 flex flex-wrap items-end gap-x-3"
                enctype="multipart/form-data"
                data-live
            >
                @csrf
                <x-once />
                <x-field name="body" label="A note about this piece" class="basis-full">
                    <input class="w-full" name="body" maxlength="1000" value="{{ old('body') }}" />
                </x-field>
                <x-number
                    name="weight"
                    :label="say('pages.pieces-record.weight', ['unit' => $show->unit(HonestGrain\Words\Unit::Mass)])"
                    class="w-28"
                />
                <x-photograph label="Photograph" />
                <button class="press mb-[0.8rem]">Note it</button>
            </form>
            @forelse ($entries as $entry)
                <x-entry :entry="$entry" :undone="$undone" />
            @empty
                <p class="faint mt-2">
                    <x-termed>Nothing yet. Steps done, notes and mishaps come here, with their time and air.</x-termed>
                </p>
            @endforelse
            @if ($entries->hasMorePages())
                <p class="mt-2"><a href="{{ $entries->nextPageUrl() }}">Earlier</a></p>
            @endif
        </div>
        <div>
            @if ($piece->blank)
                <p class="mb-4">
                    Made of <a href="{{ route('rack.show', $piece->blank) }}">number {{ $piece->blank->number }}</a>,
                    with all that it weighed.
                </p>
            @endif
            @if ($cost !== '')
                <p class="mb-4">{{ $cost }}</p>
            @endif
            <h2>Changes to the plan</h2>
            <table class="small mt-1">
                <tbody>
                    @foreach ($revisions as $revision)
                        <tr>
                            <td>
                                {{ $revision->number }}. {{ $revision->what->words() }}
                                @if ($revision->number === $piece->revision)
                                    <b>(as it is)</b>
                                @endif
                            </td>
                            <td class="n faint">{{ $show->dayTime($revision->created_at) }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </div>
    </div>
</x-piece>
