<?php

declare(strict_types=1);

namespace App\Planning;

use App\View\Show;
use App\View\Unit;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Geometry\Exception\NoRoom;
use HonestGrain\Geometry\Form;
use HonestGrain\Geometry\Profile;
use HonestGrain\Holding\Holding;
use HonestGrain\Piece\Piece as CorePiece;
use HonestGrain\Reading\BadInput;
use HonestGrain\Reading\InvalidField;
use Illuminate\Support\Carbon;

/** Turns a form and a few typed sizes into a first piece document, with likely coats. */
final readonly class PieceStarter
{
    private const USUAL_STACK = ['spindle' => 'friction-polish', 'lidded-box' => 'friction-polish', 'platter' => 'hard-wax-oil', 'vase' => 'wiping-varnish', 'hollow-form' => 'wiping-varnish'];

    public function __construct(private Catalogue $catalogue)
    {
    }

    /**
     * @param  array<string, mixed>  $typed  validated fields of the new-piece page
     * @return array<string, mixed>
     */
    public function document(array $typed, Show $show, string $timeZone): array
    {
        $form = Form::from($typed['form']);
        $mm = fn (string $key): float => $show->typed(Unit::Length, (float) ($typed[$key] ?? 0));
        $profile = $this->profile($show, $form, $mm('diameter'), $mm('height'), $mm('foot'), $mm('wall'));

        return self::of($this->catalogue, $form, $profile, [
            'name' => $typed['name'], 'wood' => $typed['wood'], 'grain' => $typed['grain'], 'moisture_percent' => (float) $typed['moisture'],
            'purpose' => $typed['purpose'], 'due_at' => self::endOfDay($typed['due'] ?? null, $timeZone),
        ]);
    }

    /**
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    public static function of(Catalogue $catalogue, Form $form, Profile $profile, array $more): array
    {
        $zones = $profile->inner === null ? ['outside', 'top'] : ['outside', 'inside', 'rim'];
        $stack = self::USUAL_STACK[$form->value] ?? 'oil-varnish';
        $plans = [];
        foreach ($catalogue->stacks() as $proven) {
            if ($proven->id === $stack) {
                $plans[] = $proven->planFor($zones);
            }
        }

        return $more + [
            'format' => CorePiece::FORMAT, 'version' => CorePiece::VERSION, 'form' => $form->value, 'grain' => $form->grain()->value,
            'moisture_percent' => 10.0, 'purpose' => 'handled', 'due_at' => null,
            'holding' => $form === Form::Spindle ? Holding::BetweenCentres->value : Holding::Tenon->value,
            'shape' => $profile->toArray(), 'surface' => ['tool_mark_um' => 80, 'own' => []], 'marks' => [], 'coats' => $plans, 'note' => '',
        ];
    }

    public static function endOfDay(?string $date, string $timeZone): ?string
    {
        return $date === null ? null : Carbon::parse($date, $timeZone)->setTime(17, 0)->utc()->format('Y-m-d\TH:i:s\Z');
    }

    private function profile(Show $show, Form $form, float $diameterMm, float $heightMm, float $footMm, float $wallMm): Profile
    {
        if ($footMm > $diameterMm) {
            throw InvalidField::because(
                'foot', $show->length($footMm), 'the foot must not be wider than the widest '
                    .'diameter, '.$show->length($diameterMm),
            );
        }
        try {
            return $form->profile($diameterMm, $heightMm, $footMm, $wallMm);
        } catch (NoRoom $e) {
            throw InvalidField::because('wall', $show->length($wallMm), sprintf(
                '%s up, the outside is only %s across, which leaves no room for it there',
                $show->length($e->zMm), $show->length($e->acrossMm),
            ));
        } catch (BadInput $e) {
            throw InvalidField::because(
                'diameter', $show->length($diameterMm),
                'these sizes do not make a '.lcfirst($form->label()).' ('.$show->sentence($e->getMessage()).')',
            );
        }
    }
}
