<?php

declare(strict_types=1);

namespace App\Planning;

use DateTimeImmutable;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Geometry\Exception\NoRoom;
use HonestGrain\Geometry\Form;
use HonestGrain\Geometry\Profile;
use HonestGrain\Geometry\TracedOutline;
use HonestGrain\Piece\Starter;
use HonestGrain\Piece\StartsAs;
use HonestGrain\Reading\BadInput;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/** The first document of a piece, from what was typed on the new-piece page. */
final readonly class PieceStarter
{
    private const QUOTED = 24;

    public function __construct(private Catalogue $catalogue)
    {
    }

    /**
     * @param  array<string, mixed>  $typed  validated fields of the new-piece page
     * @param  array<string, float>  $mm  its sizes
     * @param  array<string, mixed>  $more  of the document
     */
    public function document(array $typed, array $mm, string $timeZone, array $more = []): Document
    {
        $form = Form::from($typed['form']);
        $joints = $this->catalogue->calibration()->joints;
        $profile = self::profile($form, $mm, $typed);

        return Document::of(Starter::document($joints, $form, $profile, $this->catalogue->stacks(), [
            'name' => $typed['name'], 'wood' => $typed['wood'], 'grain' => $typed['grain'],
            'moisture_percent' => (float) $typed['moisture'], 'purpose' => $typed['purpose'],
            'due_at' => self::endOfDay($typed['due'] ?? null, $timeZone)?->format('Y-m-d\TH:i:s\Z'),
        ] + $more + ['starts_as' => $typed['starts_as'] ?? StartsAs::Blank->value]));
    }

    public static function endOfDay(?string $date, string $timeZone): ?DateTimeImmutable
    {
        return $date === null ? null
            : Carbon::parse($date, $timeZone)->setTime(17, 0)->utc()->toDateTimeImmutable();
    }

    /**
     * @param  array<string, float>  $mm
     * @param  array<string, mixed>  $typed  with the outline of a picture, where there is one
     */
    private static function profile(Form $form, array $mm, array $typed): Profile
    {
        if (isset($typed['outline'])) {
            return self::traced($form, $mm, $typed);
        }
        if ($mm['foot'] > $mm['diameter']) {
            throw InvalidField::because(
                'foot', Quantity::mm($mm['foot']),
                new Said('dates.wide-foot', ['diameter' => Quantity::mm($mm['diameter'])]),
            );
        }
        try {
            return $form->profile($mm['diameter'], $mm['height'], $mm['foot'], $mm['wall'], $mm['bore']);
        } catch (NoRoom $e) {
            throw self::tooThick($e, $mm['wall']);
        } catch (BadInput $e) {
            $field = str_contains($e->field, 'bore') ? 'bore' : 'diameter';
            throw InvalidField::because(
                $field, Quantity::mm($mm[$field]),
                new Said('dates.no-form', ['form' => $form->label(), 'why' => $e->said]),
            );
        }
    }

    /**
     * @param  array<string, float>  $mm
     * @param  array<string, mixed>  $typed
     */
    private static function traced(Form $form, array $mm, array $typed): Profile
    {
        $outline = TracedOutline::read($typed['outline'], (float) $typed['axis']);
        $known = KnownLength::from($typed['known']);
        if ($mm[$known->value] <= 0) {
            throw InvalidField::because('known', $known->value, new Said(
                'dates.size-not-asked', ['form' => $form->label()],
            ));
        }
        try {
            return $form->around($known->scale($outline, $mm), $mm['wall'], $mm['bore']);
        } catch (NoRoom $e) {
            throw self::tooThick($e, $mm['wall']);
        } catch (BadInput $e) {
            throw InvalidField::because('outline', Str::limit($typed['outline'], self::QUOTED), new Said(
                'dates.no-outline', ['form' => $form->label(), 'why' => $e->said],
            ));
        }
    }

    private static function tooThick(NoRoom $e, float $wallMm): InvalidField
    {
        return InvalidField::because('wall', Quantity::mm($wallMm), new Said('dates.no-room', [
            'up' => Quantity::mm($e->zMm), 'across' => Quantity::mm($e->acrossMm),
        ]));
    }
}
