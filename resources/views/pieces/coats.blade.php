@php($piece = $page->piece)
<x-piece :page="$page" tab="coats" title="coats">
    @foreach ($plans as $panel)
        @php($plan = $panel->plan)
        <section class="border-b border-rule pb-6 mb-6" data-light="{{ implode(' ', $plan->zones) }}" tabindex="-1">
            @foreach ($plan->zones as $zone)<span id="zone-{{ $zone }}" tabindex="-1"></span>@endforeach
            <div class="flex flex-wrap items-baseline gap-x-5">
                <h2>{{ ucfirst(implode(', ', $plan->zones)) }}</h2>
                <p class="faint">{{ count($plan->coats) }} {{ Str::plural('coat', count($plan->coats)) }}, {{ $panel->stack->totalUm() > 0 ? number_format($panel->stack->totalUm()).' µm of film' : 'no film on the wood' }}</p>
                <form method="post" action="{{ route('pieces.coats', $piece) }}" class="ml-auto" data-live>@csrf @method('put')
                    <input type="hidden" name="version" value="{{ $piece->version }}">
                    <input type="hidden" name="plan" value="{{ $panel->index }}">
                    <input type="hidden" name="do" value="buff">
                    <label class="small"><span class="faint">Buff at the end</span>
                        <select name="buff" data-autosend id="buff-{{ $panel->index }}"><option value="">no</option>
                            @foreach (HonestGrain\Piece\BuffWith::cases() as $with)
                                <option value="{{ $with->value }}" @selected($plan->buff === $with)>{{ $with->label() }}</option>
                            @endforeach
                        </select></label>
                </form>
                <form method="post" action="{{ route('pieces.coats', $piece) }}" data-live>@csrf @method('put')
                    <input type="hidden" name="version" value="{{ $piece->version }}">
                    <input type="hidden" name="plan" value="{{ $panel->index }}">
                    <button class="quiet" name="do" value="unplan">Leave these bare</button>
                </form>
            </div>
            <div class="grid gap-x-10 lg:grid-cols-[120px_1fr]">
                <svg viewBox="0 0 110 170" class="mt-3 hidden h-[170px] w-[110px] lg:block" role="img" aria-label="Coats as strata, first on the wood lowest">
                    <rect x="0" y="120" width="110" height="50" fill="{{ $core->wood->rgb }}"/><path d="M0 135Q50 128 110 137M0 152Q60 160 110 150" stroke="#3a2412" stroke-opacity="0.35" fill="none"/>
                    @foreach ($panel->strata() as $layer)
                        @if ($layer['within'])<path d="M0 {{ $layer['y'] }}{{ str_repeat('q5 5 10 0', 11) }}" stroke="#8a6420" stroke-width="1.4" fill="none"/>@else<rect x="0" y="{{ $layer['y'] }}" width="110" height="{{ $layer['height'] }}" fill="{{ $layer['fill'] }}" stroke="currentColor" stroke-width="0.7"/>@endif
                    @endforeach
                    <path d="M0 120H110" stroke="currentColor" stroke-width="1.4"/>
                </svg>
                <div class="overflow-x-auto">
                    <table><thead><tr><th class="min-w-[215px]">Coat</th><th>Rub below with</th><th class="n">Take</th><th class="n">Film so far</th><th class="n">Recoat</th><th class="n">Wax by hand</th><th class="n">Wheel</th><th class="n">Handle</th><th class="n">Food, water</th><th></th></tr></thead><tbody>
                        @foreach ($plan->coats as $i => $coat)
                            @php($pair = $panel->stack->pairs[$i - 1] ?? null)
                            @if ($pair && $pair->verdict->value !== 'fine')
                                <tr><td colspan="10" class="!border-b-0"><p @class(['note !my-1', 'note-warn'])><strong>{{ $pair->verdict->words() }}.</strong> {{ $pair->reason }} {{ $pair->mend }}</p></td></tr>
                            @endif
                            @foreach ($i === 0 ? $panel->overColours : [] as $over)
                                @if ($over->verdict->value !== 'fine')<tr><td colspan="10" class="!border-b-0"><p class="note note-warn !my-1"><strong>{{ $over->verdict->words() }}.</strong> Over {{ lcfirst($over->under) }}: {{ lcfirst($over->reason) }} {{ $over->mend }}</p></td></tr>@endif
                            @endforeach
                            <tr><td><b>{{ $i + 1 }}</b> {{ $coat->coating->class }}@foreach ($i === 0 ? $panel->overColours : [] as $over)@if ($over->verdict->value === 'fine')<span class="faint small block">over {{ lcfirst($over->under) }}, fine: {{ lcfirst($over->reason) }}</span>@endif @endforeach @if ($pair && $pair->verdict->value === 'fine')<span class="faint small block">fine: {{ lcfirst($pair->reason) }}</span>@endif @if ($coat->coating->fromLabel !== [])<span class="small block">by your label</span>@endif</td>
                                <td>@if ($i > 0)<form method="post" action="{{ route('pieces.coats', $piece) }}" data-live>@csrf @method('put')<input type="hidden" name="version" value="{{ $piece->version }}"><input type="hidden" name="plan" value="{{ $panel->index }}"><input type="hidden" name="coat" value="{{ $i }}"><input type="hidden" name="do" value="denib">
                                    <select name="denib" aria-label="Rub coat {{ $i }} with" class="max-w-[135px]" data-autosend id="denib-{{ $panel->index }}-{{ $i }}"><option value="">nothing</option>@foreach (HonestGrain\Coating\Denib::cases() as $denib)<option value="{{ $denib->value }}" @selected($coat->denib === $denib)>{{ $denib->words() }}</option>@endforeach</select></form>@endif</td>
                                <td class="n">{{ $show->quantity($panel->amounts[$i]) }}</td><td class="n">{{ $panel->stack->filmUm[$i] > 0 ? number_format($panel->stack->filmUm[$i]).' µm' : '–' }}</td>
                                @foreach (['recoat', 'wax', 'buff', 'handle', 'cure'] as $wait)<td class="n">{{ $panel->waits[$i][$wait] }}</td>@endforeach
                                <td class="n whitespace-nowrap"><form method="post" action="{{ route('pieces.coats', $piece) }}" data-live>@csrf @method('put')<input type="hidden" name="version" value="{{ $piece->version }}"><input type="hidden" name="plan" value="{{ $panel->index }}"><input type="hidden" name="coat" value="{{ $i }}">
                                    @if ($i > 0)<button class="quiet px-1" name="do" value="up" aria-label="Coat {{ $i + 1 }} earlier">↑</button>@endif
                                    <button class="quiet px-1" name="do" value="remove" aria-label="Leave coat {{ $i + 1 }} out">Leave out</button></form></td></tr>
                        @endforeach
                    </tbody></table>
                    @foreach ($panel->stack->notes as $note)<p class="note note-warn"><strong>{{ $note->verdict->words() }}.</strong> {{ $note->reason }} {{ $note->mend }}</p>@endforeach
                    @foreach ($panel->warnings as $warning)<p class="note note-warn">{{ $warning }}</p>@endforeach
                    <form method="post" action="{{ route('pieces.coats', $piece) }}" class="mt-3 flex flex-wrap items-end gap-3" data-live>@csrf @method('put')<input type="hidden" name="version" value="{{ $piece->version }}"><input type="hidden" name="plan" value="{{ $panel->index }}">
                        <label class="small"><span class="faint">One more coat of</span> <select name="product">@foreach ($products as $product)<option @selected($product === ($plan->coats[count($plan->coats) - 1]->coating->class ?? null))>{{ $product }}</option>@endforeach</select></label>
                        <button class="press" name="do" value="add">Add it</button>
                    </form>
                    <x-why kind="workshop">Waits are the tin's hours at 21 °C and 50 % RH, run through this shop's day and night air: rate Q^((T−21)/10), Q 2 for oil and resin, 1.5 for loss of solvent; water-borne coats slow with humidity. Amounts are exact on the label's coverage, with end grain drinking three times as much on the first coat, plus what stays in cloth, brush or cup (2 to 5 mL) or is lost in a spray (× 1.4); wax goes by mass. Film is coverage × solids of all coats so far, less 3 to 8 µm for each rubbing; the first coat of a thin sealer leaves half. Wax by hand wants a coat that is hard to the nail, a wheel with compound one that is hard right through. The verdicts follow from solvent, cure, wax and film. Your label replaces any figure: <a href="/shelf">Shelf</a>. Food and water only when fully cured, and only as the product's own label and your local rule allow.</x-why>
                </div>
            </div>
        </section>
    @endforeach
    <section>
        <h2>{{ $plans === [] ? 'Choose coats' : 'Other coats' }}</h2>
        @if ($plans === [])<p class="faint mt-1">Bare for now. Take a complete stack and change it, or start with none and add coats one by one.</p>@endif
        <form method="post" action="{{ route('pieces.coats', $piece) }}" class="mt-2" data-live>@csrf @method('put')<input type="hidden" name="version" value="{{ $piece->version }}"><input type="hidden" name="do" value="stack">
            <fieldset class="flex flex-wrap gap-5"><legend class="faint small float-left mr-3">On the</legend>
                @foreach (array_intersect(HonestGrain\Piece\CoatPlan::ZONES, array_keys($core->measure()->zones)) as $zone)<label><input type="checkbox" name="zones[]" value="{{ $zone }}" @checked(in_array($zone, $free, true) || ($plans !== [] && $free === [] && $zone !== 'foot'))> {{ $zone }}</label>@endforeach
            </fieldset>
            @error('zones')<em class="warn">{{ $message }}</em>@enderror
            <ul class="mt-3 grid gap-x-10 md:grid-cols-2">
                @foreach ($stacks as $stack)<li class="flex items-baseline gap-3 border-b border-rule py-1.5"><span><b>{{ $stack->name }}</b> <span class="faint small">{{ $stack->suits }}</span></span><button class="quiet ml-auto whitespace-nowrap" name="stack" value="{{ $stack->id }}" aria-label="Take {{ $stack->name }}">Take it</button></li>@endforeach
                <li class="flex items-baseline gap-3 border-b border-rule py-1.5"><span><b>None yet</b> <span class="faint small">add coats one by one</span></span><button class="quiet ml-auto whitespace-nowrap" name="stack" value="none">Start bare</button></li>
            </ul>
        </form>
        <p class="faint small mt-2">The foot gets one coat of the same after the tenon is off, unless it has coats of its own.</p>
    </section>
</x-piece>
