<x-help title="What is new" tab="help.new">
    <div class="max-w-[68ch]">
        <h1>What is new</h1>
        <p class="faint mt-1">You work with version {{ config('app.version') }}.</p>
        <section class="mt-5">
            <h2>Version 0.30 <span class="faint small">2 December 2026</span></h2>
            <ul class="help-list">
                <li>A piece is mounted right before it is worked on, and all of one mount is done together.</li>
                <li>What is pressed on a pad stays on the lathe until it is parted off, spare chuck or not.</li>
                <li>The Bench names pieces that were planned for today and no longer are.</li>
                <li>What is dusted off is coated right after, not hours later.</li>
                <li>When you are behind, you sand before a coat that would keep the dust waiting.</li>
                <li>“Next piece” says what has to come off the lathe first.</li>
            </ul>
        </section>
        <section class="mt-5">
            <h2>Version 0.29 <span class="faint small">2 December 2026</span></h2>
            <ul class="help-list">
                <li>When you are behind the plan, it goes on in the same order, only later.</li>
                <li>With two people, a plan made again leaves every step where it was.</li>
                <li>No chuck is planned for two pieces at once.</li>
                <li>Plans of many pieces are less late.</li>
            </ul>
        </section>
        <section class="mt-5">
            <h2>Version 0.28 <span class="faint small">1 December 2026</span></h2>
            <ul class="help-list">
                <li>With time to spare, pieces are ready sooner, and none is later for it.</li>
                <li>What a new piece would come to, and a promised date, are there sooner.</li>
                <li>Two fixed steps of which one cannot be then no longer keep a plan from being weighed.</li>
                <li>While a drawing is saved the page says so, and asks before you leave it.</li>
            </ul>
        </section>
        <section class="mt-5">
            <h2>Version 0.27 <span class="faint small">1 December 2026</span></h2>
            <ul class="help-list">
                <li>Plans of many pieces are found sooner, and are less late.</li>
            </ul>
        </section>
        <section class="mt-5">
            <h2>Version 0.26 <span class="faint small">1 December 2026</span></h2>
            <ul class="help-list">
                <li>You stay signed in when the server is stopped while it saves.</li>
                <li>When the records do not answer, the page says so and asks you to try again.</li>
                <li>Several servers and databases can keep the same workshops.</li>
                <li>What must be done today counts by dates and windows alone, and stays when the plan moves.</li>
                <li>Why a piece is late is said in few words. Thin CA comes with its mist of accelerator.</li>
            </ul>
        </section>
        <section class="mt-5">
            <h2>Version 0.25 <span class="faint small">1 December 2026</span></h2>
            <ul class="help-list">
                <li>Invite somebody by a link. A gallery joins as a reader and sees dates only.</li>
                <li>Choose a new password by letter; confirm your address; change it.</li>
                <li>A second step when you sign in: a code from an app, or one on paper.</li>
                <li>See where you are signed in, and sign another browser out.</li>
                <li>A letter in the evening with what closes tomorrow, or an hour before a window closes.</li>
                <li>Take everything along in one file, and bring it into another installation.</li>
                <li>Delete an account or a workshop; for two weeks either can be kept.</li>
                <li>Owners see what was done with sign-ins.</li>
            </ul>
        </section>
        <section class="mt-5">
            <h2>Version 0.24 <span class="faint small">1 December 2026</span></h2>
            <ul class="help-list">
                <li>Change a recipe where it stands: grits, marks, coats, ways. Print it on one sheet.</li>
                <li>Keep your own copy of a shipped recipe.</li>
                <li>Recipes and test boards are sorted and narrowed.</li>
                <li>One cup over several pieces: one press, shared by what each was to take.</li>
                <li>Holes, slots and hooks are drawn with the wall that they open.</li>
                <li>Cards, mark-out lists, story sticks and Weeks print on fewer sheets.</li>
                <li>After a save you are where you were, by keys too.</li>
            </ul>
        </section>
        <section class="mt-5">
            <h2>Version 0.23 <span class="faint small">1 December 2026</span></h2>
            <ul class="help-list">
                <li>Draw a piece from a photograph or an SVG of its half profile.</li>
                <li>Choose its blank where you draw it.</li>
                <li>A route says what to mind, and why, once beside each mount.</li>
                <li>Another way is offered at the step where it changes something.</li>
                <li>Coats show their time as a strip; the ladder of a mount stands first.</li>
                <li>The shop has a page for each subject, and one for all sheets to print.</li>
                <li>Flutes and flats are drawn as they stand out at the side.</li>
                <li>A finger moves a node of the shape under a loupe.</li>
                <li>The rack is sorted and narrowed; pieces are narrowed by customer.</li>
                <li>A recipe takes your own mixes along.</li>
            </ul>
        </section>
        <section class="mt-5">
            <h2>Version 0.22 <span class="faint small">30 November 2026</span></h2>
            <ul class="help-list">
                <li>Words of the craft have a dotted line: press one to read what it means.</li>
                <li>Help: how to do each task, all keys, where figures come from.</li>
                <li>Find pieces, recipes, blanks, tins and notes from every page with “/”.</li>
                <li>“Take back” says what it takes back.</li>
                <li>Sizes of a shape take sums: 120/3, or 4 1/2".</li>
                <li>A route has one line for each step; other ways say their date.</li>
                <li>Coats can be dragged, added in their place, and copied to another part.</li>
                <li>Sale: for whom a piece is, what it costs, a card and a page for its owner.</li>
            </ul>
        </section>
        <section class="mt-5">
            <h2>Version 0.21</h2>
            <ul class="help-list">
                <li>Recipes: a whole surface in one choice, on one piece or on several.</li>
                <li>“Draw a piece” shows drawing, hours, cost and date while you type.</li>
                <li>The Bench works without the network, counts its clocks and rings.</li>
                <li>Mixing at the bench takes what you use off the shelf.</li>
                <li>The shop’s tablets connect over https: start with --lan.</li>
            </ul>
        </section>
        <section class="mt-5">
            <h2>Version 0.20</h2>
            <ul class="help-list">
                <li>A late piece says why, and what each remedy costs.</li>
                <li>Pin a step, a day or an order; drag due dates in Weeks.</li>
                <li>Several people: hours and skills of each, and who does what.</li>
                <li>A week to print on one sheet.</li>
            </ul>
        </section>
    </div>
</x-help>
