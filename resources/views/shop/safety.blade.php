@use('HonestGrain\Words\Unit')
<x-shop tab="safety" title="Safety">
    <h1>Safety</h1>
    <p class="faint mt-1">
        <x-termed>By your shelf, your woods and the steps to come. Labels and safety data sheets come first.</x-termed>
    </p>
    <div class="mt-4 grid gap-x-14 lg:grid-cols-[1fr_300px]">
        <section aria-labelledby="hurts">
            <h2 id="hurts">What hurts here</h2>
            <table class="mt-1">
                <thead>
                    <tr>
                        <th>What to wear or do</th>
                        <th>Because of</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($page->hazards() as [$hazard, $because])
                        <tr>
                            <td>
                                <b>{{ $show->said($hazard->title()) }}</b><br />
                                <span class="small">{{ $show->said($hazard->says()) }}</span>
                            </td>
                            <td class="small faint">{{ $because }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
            <p class="faint small mt-2">Each of these stands again at the step where it counts.</p>
        </section>
        <section aria-labelledby="limits">
            <h2 id="limits">Limits</h2>
            <form method="post" action="{{ route('shop.update') }}" class="mt-2" data-live>
                @csrf
                @method('put')
                @cannot('run-shop')
                    <p class="note">Only an owner can change these.</p>
                @endcannot
                <fieldset @disabled(! $me->isOwner())>
                    <legend class="sr-only">Limits</legend>
                    <x-number
                        name="sanding_cap_m_s"
                        :label="say('pages.shop.rim-speed-sanding', ['unit' => $show->unit(Unit::Speed)])"
                        :value="$panel->limit('sanding_cap_m_s')"
                        class="w-full"
                    />
                    <x-number
                        name="min_wall_mm"
                        :label="say('pages.shop.least-wall', ['unit' => $show->unit(Unit::Length)])"
                        :value="$panel->limit('min_wall_mm')"
                        class="w-full"
                    />
                    <button class="press press-main">Save the limits</button>
                </fieldset>
            </form>
        </section>
    </div>
</x-shop>
