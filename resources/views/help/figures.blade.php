<x-help title="Where figures come from" tab="help.figures">
    <div class="max-w-[68ch]">
        <h1>Where figures come from</h1>
        <p class="mt-3">
            Every figure has a “Why?” beside it. It says which kind of figure it is, and what it was worked out from.
        </p>
        <dl class="mt-4 help-kinds">
            <dt>Exact</dt>
            <dd>It follows from what you typed or measured: an area, a volume, a sum, a count.</dd>
            <dt>Physics</dt>
            <dd>A law that holds for every piece: the speed of a rim, the weight of wood and water.</dd>
            <dt>Published figure</dt>
            <dd>
                From a table or an equation that is named there: densities, shrinkage and hardness of woods, the air’s
                moisture, the sizes of graded grit.
            </dd>
            <dt>Workshop model</dt>
            <dd>
                A working rule of ours with its numbers shown: minutes, waits, scratches, holds. It guides. Your own
                test piece decides, and what you log corrects it.
            </dd>
        </dl>
        <h2 class="mt-7">What your own records change</h2>
        <ul class="help-list">
            <li>
                Minutes and discs that you log for sanding (<a href="{{ route('learnt') }}">what the bench has taught</a
                >).
            </li>
            <li>Weights of a blank: its own drying curve in place of a rule.</li>
            <li>Readings of the air: waits follow the air you have.</li>
            <li>Colours measured on a test board.</li>
            <li>Limits that you type for a lathe, a hold, a tin or a dye.</li>
        </ul>
        <h2 class="mt-7">What the models cannot know</h2>
        <ul class="help-list">
            <li>Waits are for thin coats in air that moves. Thick coats and cold corners take longer.</li>
            <li>A label, a safety data sheet and local rules come before anything said here.</li>
            <li>Fit for food means: its label says so, and it has cured. Nothing is tested here.</li>
            <li>Wood moves by the mean of its kind. Your board may move twice as much, or not at all.</li>
            <li>A crack, a knot or a soft place counts only once you have told of it.</li>
            <li>Speeds are where to start from. If the lathe shakes, go slower.</li>
            <li>Colours on a screen are near, never the same.</li>
            <li>The plan is the best found in its time. It need not be the best there is.</li>
            <li>“In time” counts tries with longer and shorter work. It does not count illness or a power cut.</li>
        </ul>
    </div>
</x-help>
