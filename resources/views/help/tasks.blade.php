@php($names = lines('pages.help.key-names'))
<x-help title="Help" tab="help">
    <h1>How do I …</h1>
    <div class="tasks">
        <x-task title="Plan a piece from a blank" :to="route('pieces.create')" label="Draw a piece">
            <li>Name it, choose the wood, and type its size and wall.</li>
            <li>Say when it is due, and choose a recipe.</li>
            <li>Read the date beside the drawing. It moves as you type.</li>
            <li>Press “Plan it”. All else has a usual value that you can change later.</li>
        </x-task>
        <x-task title="Change its shape" :to="route('pieces.index')" label="Pieces, then Shape">
            <li>Drag a node of the drawing, or move it with the arrow keys.</li>
            <li>Or type its height and radius in the table.</li>
            <li>What a change does to wall, mass and time shows at once.</li>
        </x-task>
        <x-task title="Choose grits" :to="route('pieces.index')" label="Pieces, then Surface">
            <li>Say what the tool left on each surface.</li>
            <li>The shortest ladder from your own abrasives stands beside it, with minutes and discs.</li>
            <li>Look at one in the <a href="{{ route('lab') }}">grit lab</a> to see the scratches that it leaves.</li>
        </x-task>
        <x-task title="Lay out decoration" :to="route('pieces.index')" label="Pieces, then Marks">
            <li>Drag along the drawing to place a band.</li>
            <li>Choose a technique and how many repeats; what cannot be cut is said at once.</li>
            <li>Print the template at true size, or the page to mark out with.</li>
        </x-task>
        <x-task title="Plan the finish" :to="route('pieces.index')" label="Pieces, then Coats">
            <li>Take a proven set of coats, or add them one by one.</li>
            <li>What will not stick to the coat before is said at that coat.</li>
            <li>Amounts, waits and windows follow from area, wood and air.</li>
        </x-task>
        <x-task title="Reuse a surface" :to="route('recipes.index')" label="Recipes">
            <li>Keep a surface you like as a recipe, from any piece.</li>
            <li>Put it on one piece or on several; marks are scaled to each.</li>
            <li>Compare recipes on a piece by date, hours and cost.</li>
            <li>Change one of your own where it stands, or keep a copy of a shipped one.</li>
        </x-task>
        <x-task title="Read or change the route" :to="route('pieces.index')" label="Pieces, then Route">
            <li>“Why?” at a step says what it waits for.</li>
            <li>Drag a step by its handle; where it cannot go says why not.</li>
            <li>Another way stands at the step it would change, with its cost and date.</li>
        </x-task>
        <x-task title="Work at the bench" :to="route('bench')" label="Bench">
            <li>Do the step in large letters, then press Done.</li>
            <li>Start the clock first if you want your own minutes to count in later plans.</li>
            <li>One cup over several pieces: tick them, and what you used is shared.</li>
            <li>Without the network, press all the same: it is sent later.</li>
        </x-task>
        <x-task title="Mend what went wrong" :to="route('bench')" label="Bench, then Something is wrong">
            <li>Choose the picture that looks like it, and where it is.</li>
            <li>Compare the remedies: minutes, waits and the new date.</li>
            <li>The one you choose becomes steps of the route.</li>
        </x-task>
        <x-task title="Sell a piece" :to="route('pieces.index')" label="Pieces, then Sale">
            <li>Say for whom it is, and what you ask.</li>
            <li>Read what it costs: hours, wood, what is used up, electricity.</li>
            <li>Print the card for its owner. Its QR code leads to a page you can switch off.</li>
        </x-task>
        <x-task title="See what will be late" :to="route('weeks')" label="Weeks">
            <li>A late piece says why, and what would help.</li>
            <li>
                <a href="{{ route('try') }}">Try</a> a longer day, another date or another weight before you decide.
            </li>
            <li><a href="{{ route('promise') }}">Promise</a> gives the earliest date that makes nothing else late.</li>
        </x-task>
        <x-task title="Dry wood" :to="route('rack')" label="Rack">
            <li>Lay a blank in with its first weight.</li>
            <li>Weigh it every week or two; three weights give a date.</li>
            <li>Draw a piece from a blank that still dries: its plan waits for it.</li>
        </x-task>
        <x-task title="Keep the shelf right" :to="route('shelf')" label="Shelf">
            <li>Type a receipt in one line when you have bought something.</li>
            <li>Count the shelf, or put a tin on the scale.</li>
            <li>Steps take off what they use; taking a step back puts it back.</li>
        </x-task>
        <x-task title="Try a colour" :to="route('swatches')" label="Swatches">
            <li>Lay out a test board: colours across, coats along.</li>
            <li>Take its photograph and pick what you see.</li>
            <li>From then on the drawings use what you measured.</li>
        </x-task>
        <x-task title="Set up the shop" :to="route('shop')" label="Shop">
            <li>Type the hours in which you work, and <a href="{{ route('workers') }}">who works when</a>.</li>
            <li>Say what your <a href="{{ route('equipment') }}">lathe</a> and your holds can do.</li>
            <li>Say how warm and damp the <a href="{{ route('climate') }}">air</a> is, or read it in from a logger.</li>
        </x-task>
        <x-task title="Work with others" :to="route('workers')" label="People">
            <li>Invite somebody by a link; it counts for seven days, and once.</li>
            <li>An owner runs the shop, a maker plans and logs, a reader sees dates only.</li>
            <li>A <a href="{{ route('account') }}">second step</a> keeps your sign-in yours.</li>
        </x-task>
        <x-task title="Take my data with me" :to="route('along')" label="Take everything along">
            <li>One file holds the whole workshop. Bring it into another installation, or keep it.</li>
            <li>A piece, a recipe and the plan are open files with a description.</li>
            <li>The route and the week are tables for any spreadsheet.</li>
            <li>The calendar follows the plan; its address is under Shop, You.</li>
        </x-task>
    </div>
    <section class="mt-8" aria-labelledby="keys-help">
        <h2 id="keys-help">Keys</h2>
        <div class="grid gap-x-14 md:grid-cols-2">
            <div>
                <h3 class="mt-3">On every page</h3>
                <dl class="keys">
                    @foreach (lines('pages.help.keys') as $key => $does)
                        <dt><kbd>{{ $names[$key] }}</kbd></dt>
                        <dd>{{ $does }}</dd>
                    @endforeach
                </dl>
                <h3 class="mt-4">On a drawing</h3>
                <dl class="keys">
                    @foreach (lines('pages.help.drawing-keys') as $key => $does)
                        <dt><kbd>{{ $names[$key] }}</kbd></dt>
                        <dd>{{ $does }}</dd>
                    @endforeach
                </dl>
            </div>
            <div>
                <h3 class="mt-3">At the bench</h3>
                <dl class="keys">
                    @foreach (lines('pages.keys') as $key => $does)
                        <dt><kbd>{{ $key === 'help' ? '?' : mb_strtoupper((string) $key) }}</kbd></dt>
                        <dd>{{ $does }}</dd>
                    @endforeach
                </dl>
            </div>
        </div>
    </section>
</x-help>
