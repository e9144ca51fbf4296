<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CopyPiece;
use App\Http\Requests\ForeseePiece;
use App\Http\Requests\ListPieces;
use App\Http\Requests\StorePiece;
use App\Http\Requests\TakeAway;
use App\Http\Requests\UpdatePiece;
use App\Http\ThoughtOf;
use App\Models\Change;
use App\Models\Piece;
use App\Models\PieceState;
use App\Models\Workshop;
use App\Planning\Edit;
use App\Planning\Foresight;
use App\Planning\PieceEditor;
use App\Planning\PieceFromBlank;
use App\Planning\PieceStarter;
use App\Planning\Planner;
use App\Planning\RecipeBook;
use App\Planning\Release;
use App\Planning\ShopMapper;
use App\View\ForeseenWords;
use App\View\FormDrawings;
use App\View\FromBlank;
use App\View\PiecePage;
use App\View\PieceShelf;
use App\View\Show;
use HonestGrain\Geometry\Form;
use HonestGrain\Piece\Piece as CorePiece;
use HonestGrain\Piece\Purpose;
use HonestGrain\Piece\StartsAs;
use HonestGrain\Reading\BadInput;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Words\Said;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

class PieceController extends Controller
{
    /** Longer than any shop takes: what died on the way is forgotten. */
    private const FORESEEN_SECONDS = 30;

    public function __construct(
        private readonly PieceEditor $editor,
        private readonly Planner $planner,
        private readonly ThoughtOf $thought,
        private readonly RecipeBook $book,
    ) {
    }

    public function index(ListPieces $request, Show $show): View
    {
        $workshop = $this->workshop($request);
        $pieces = $request->of($workshop->pieces())->simplePaginate(24, [
            'id', 'workshop_id', 'name', 'form', 'wood', 'due_at', 'state', 'drawing', 'diameter_mm', 'height_mm',
            'ready_at', 'late', 'conflicts',
        ])->withQueryString();
        $next = $workshop->plannedSteps()->whereIn('piece_id', $pieces->pluck('id'))->where('is_next', true)
            ->orderBy('start_at')->get(['piece_id', 'title'])->keyBy('piece_id');
        $there = $workshop->pieces()->where('state', $request->state())->toBase()->distinct();

        return view('pieces.index', [
            'pieces' => $pieces, 'asked' => $request, 'state' => $request->state(), 'q' => $request->asked('q'),
            'shelf' => new PieceShelf($pieces->items(), $next, $show),
            'empty' => PieceShelf::empty($request->asked('q'), $request->state(), $request->isNarrowed()),
            'woods' => $show->woods((clone $there)->orderBy('wood')->pluck('wood')->all()),
            'customers' => $request->customers($workshop->pieces()),
            'forms' => PieceShelf::forms(array_values((clone $there)->pluck('form')->map(strval(...))->all()), $show),
        ]);
    }

    public function create(Request $request, ShopMapper $mapper, PieceFromBlank $blanks, Show $show): View
    {
        $blank = $this->workshop($request)->blanks()->onRack()->find($request->integer('blank'));
        $form = Form::tryFrom($request->string('form')->toString());
        $chosen = $blank === null || $form === null ? null : $blanks->forms($blank)->one($form);
        $from = match (true) {
            $blank === null => null,
            $chosen === null => FromBlank::of($blank, $blanks->largest($blank), $show),
            default => FromBlank::as($chosen, $blank, $blanks->largest($blank), $show),
        };

        return view('pieces.create', [
            'words' => null, 'problem' => '', 'surfaces' => $this->surfaces($this->workshop($request), $show),
            'forms' => Form::cases(), 'drawings' => FormDrawings::all(Release::current()),
            'woods' => $mapper->tables($this->workshop($request))->woods->names(),
            'form' => $from->form ?? $form ?? Form::ShallowBowl,
            'from' => $from, 'begins' => PiecePage::begins(),
            'blanks' => FromBlank::choices($this->workshop($request), $blank, $show),
        ]);
    }

    public function store(StorePiece $request, PieceFromBlank $blanks, Show $show): RedirectResponse
    {
        $user = $this->user($request);
        $blank = $request->blank();
        $fitted = $this->thought->of($request, $user, $show);
        $piece = $this->editor->create(
            $user->workshop, Document::decode($fitted->piece->encoded()), $user, once: $request->validated('once'),
            with: function (Piece $piece) use ($request, $blank, $blanks): void {
                $blank === null ? null : $blanks->linking($blank)($piece);
                $request->validated('then') === 'wish' ? $piece->update(['state' => PieceState::Wish]) : null;
            },
        );
        $left = implode(' ', array_map(fn (Said $one): string => $show->said($one), $fitted->left));

        return match ($request->validated('then')) {
            'route' => redirect()->route('pieces.route', $piece)
                ->with('said', say('http.piece.planned', ['left' => $left])),
            'wish' => redirect()->route('pieces.sale', $piece)
                ->with('said', trim(say('http.piece.wished')." $left")),
            default => redirect()->route('pieces.shape', $piece)
                ->with('said', trim(say('http.piece.drawn-drag-nodes-or')." $left")),
        };
    }

    /** What it would come to, as it is being typed; nothing is kept. A maker has one question worked at, at a time. */
    public function foreseen(ForeseePiece $request, Foresight $foresight, Show $show): View|Response
    {
        $user = $this->user($request);
        $lock = cache()->lock("foreseen-$user->id", self::FORESEEN_SECONDS);
        if (! $lock->get()) {
            return response('', 409);
        }
        try {
            $fitted = $this->thought->of($request, $user, $show);

            return view('pieces.foreseen', ['problem' => '', 'words' => new ForeseenWords(
                $foresight->of($user->workshop, $fitted->piece, $request->blank()), $fitted->left, $show,
            )]);
        } catch (BadInput $e) {
            return response()->view('pieces.foreseen', ['words' => null, 'problem' => $show->said($e->said)], 422);
        } catch (ValidationException $e) {
            return response()->view('pieces.foreseen', ['words' => null, 'problem' => $e->getMessage()], 422);
        } finally {
            $lock->release();
        }
    }

    /** @return array<string, array<string, string>> names of the surfaces that can be chosen, by whose they are */
    private function surfaces(Workshop $workshop, Show $show): array
    {
        $own = $shipped = [];
        foreach ($this->book->all($workshop) as $key => $one) {
            $one->own === null ? $shipped[$key] = $show->said($one->name) : $own[$key] = $show->said($one->name);
        }

        return array_filter([
            say('pages.recipes.own') => $own, say('pages.recipes.shipped') => $shipped,
            say('pages.recipes.as-on') => $this->book->pieces($workshop),
        ]);
    }

    public function show(Piece $piece): RedirectResponse
    {
        return redirect()->route('pieces.shape', $piece);
    }

    /** Name, purpose, due date and note; what it begins with, as long as nothing was done to it. */
    public function update(UpdatePiece $request, Piece $piece): RedirectResponse
    {
        $begun = StartsAs::tryFrom((string) $request->validated('starts_as'));
        $due = PieceStarter::endOfDay($request->validated('due'), $this->user($request)->timeZone());

        return $this->changing($request, $piece, fn (Edit $edit) => $this->editor->change(
            $piece, $edit, fn (CorePiece $core): CorePiece => $this->begunAs(
                $piece, $core, $begun ?? $core->startsAs,
            )->named($request->validated('name'))->meant(
                Purpose::from($request->validated('purpose')), $due, $request->validated('note') ?? '',
            ),
        ), [Change::Particulars, say('http.piece.saved')]);
    }

    /** @throws InvalidField where a step was done that belongs to what it was begun with */
    private function begunAs(Piece $piece, CorePiece $core, StartsAs $begun): CorePiece
    {
        return match (true) {
            $begun === $core->startsAs => $core,
            $piece->isBegun() => throw InvalidField::because('starts_as', $begun->value, new Said(
                'http.piece.begun-already', ['as' => $core->startsAs->label()],
            )),
            default => $core->begunAs($begun),
        };
    }

    /** Puts a piece away: it leaves the plan and keeps its record. */
    public function destroy(Request $request, Piece $piece): RedirectResponse
    {
        $this->planner->apply($this->workshop($request), function () use ($piece): void {
            $piece->update(['state' => PieceState::PutAway, 'ready_at' => null, 'late' => null]);
            $piece->plannedSteps()->update(['is_next' => false, 'start_at' => null]);
        });

        return redirect()->route('pieces.index')
            ->with('said', say('http.piece.put-away-under-put', ['piece' => $piece->name]));
    }

    /** Back into work, or taken on for the first time. */
    public function revive(Request $request, Piece $piece): RedirectResponse
    {
        $said = $piece->isWish() ? say('http.piece.taken-on') : say('http.piece.back-work');
        $this->planner->apply(
            $this->workshop($request), fn (): bool => $piece->update(['state' => PieceState::Working]),
        );

        return redirect()->route('pieces.route', $piece)->with('said', $said);
    }

    /** One more like it, or several at a press, numbered. */
    public function copy(CopyPiece $request, Piece $piece, ShopMapper $mapper): RedirectResponse
    {
        $copies = $request->copies();
        $core = $mapper->piece($piece->workshop, $piece->document);
        $another = $core->another($copies === 1 ? null : $core->due);
        // Named with the lock held: two presses at once take different numbers.
        $copy = $this->planner->apply($this->workshop($request), function () use (
            $request, $piece, $copies, $another,
        ): ?Piece {
            $copy = null;
            for ($made = 1; $made <= $copies; $made++) {
                $core = $another->named($this->numbered($piece->name, $request));
                $copy = $this->editor->create(
                    $this->workshop($request), Document::decode($core->encoded()), $this->user($request),
                    Change::Copied,
                    plan: false, once: $request->once($made),
                );
            }

            return $copy;
        });

        return $copies === 1 && $copy !== null
            ? redirect()->route('pieces.shape', $copy)
                ->with('said', say('http.piece.new-piece-with-same'))
            : redirect()->route('pieces.index')->with('said', say('http.piece.more-like-numbered', [
                'copies' => $copies,
                'piece' => $piece->name,
            ]));
    }

    public function undo(TakeAway $request, Piece $piece): RedirectResponse
    {
        return $this->changing(
            $request, $piece, fn ($edit) => $this->editor->step($piece, $edit->seen, -1),
            [Change::Undone, say('http.piece.undone', ['what' => $this->about($piece, 'undoes')])],
        );
    }

    public function redo(TakeAway $request, Piece $piece): RedirectResponse
    {
        return $this->changing(
            $request, $piece, fn ($edit) => $this->editor->step($piece, $edit->seen, 1),
            [Change::Redone, say('http.piece.done-again', ['what' => $this->about($piece, 'redoes')])],
        );
    }

    /** @param  'undoes'|'redoes'  $way */
    private function about(Piece $piece, string $way): string
    {
        return $piece->changesAbout()[$way]?->words() ?? say('http.piece.nothing');
    }

    /** "Ebb bowl" becomes "Ebb bowl 2", and so on with the next number that is free. */
    private function numbered(string $name, Request $request): string
    {
        $stem = mb_substr((string) preg_replace('/ \d{1,3}$/', '', $name), 0, 74);
        $taken = $this->workshop($request)->pieces()
            ->where('name', 'like', addcslashes($stem, '%_\\').' %')->pluck('name')->flip();
        for ($n = 2; $taken->has("$stem $n"); $n++);

        return "$stem $n";
    }
}
