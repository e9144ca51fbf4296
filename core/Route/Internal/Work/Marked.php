<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal\Work;

use HonestGrain\Geometry\Face;
use HonestGrain\Piece\BandEdges;
use HonestGrain\Piece\Coat;
use HonestGrain\Piece\Mark;
use HonestGrain\Piece\StartsAs;
use HonestGrain\Route\Internal\Doing;
use HonestGrain\Route\Internal\Operation;
use HonestGrain\Route\Internal\Place;
use HonestGrain\Route\Internal\Precedence;
use HonestGrain\Route\Internal\Setup;
use HonestGrain\Route\Internal\Timing;
use HonestGrain\Route\StepKind;
use HonestGrain\Route\StepWords;
use HonestGrain\Route\Supplies;
use HonestGrain\Safety\Hazard;
use HonestGrain\Schedule\Wait;
use HonestGrain\Shelf\Goods;
use HonestGrain\Technique\CutsProfile;
use HonestGrain\Technique\Nature;
use HonestGrain\Technique\OpensWall;
use HonestGrain\Technique\Technique;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * The marks of a part: each on its band, colours in layers with sanding back between.
 *
 * @internal
 */
final class Marked
{
    /** @return list<Operation> */
    public static function of(PartContext $subject): array
    {
        $operations = [];
        foreach ($subject->part->marksInOrder($subject->piece->order) as $i => $mark) {
            $operations[] = self::mark($subject, $mark, $i);
            if (Slots::isOne($subject, $mark)) {
                $operations = [...$operations, ...Slots::of($subject, $mark, $i)];
            }
            if ($subject->part->sandedBack($subject->piece->order)->isDone($mark)) {
                $operations[] = self::sandBack($subject, $mark, $i);
            }
            if (self::isLevelled($mark)) {
                $operations[] = self::level($subject, $mark, $i);
            }
            if ($mark->technique->nature() === Nature::Flames) {
                $operations[] = self::watch($subject, $mark, $i);
            }
        }

        return $operations;
    }

    /** @return list<Precedence> marks on one place, one after the other */
    public static function chains(PartContext $subject): array
    {
        $chains = [];
        $marks = $subject->part->marksInOrder($subject->piece->order);
        foreach ($marks as $i => $mark) {
            $last = self::mark($subject, $mark, $i);
            if ($subject->part->sandedBack($subject->piece->order)->isDone($mark)) {
                $back = "{$mark->id()}/sand-back";
                $chains[] = Precedence::rule(
                    $last->id, $back, $last->timing->wait, new Said('route.marked.once-colour-dry'),
                );
            }
            if (self::isLevelled($mark)) {
                $back = "{$mark->id()}/level";
                $chains[] = Precedence::rule(
                    $last->id, $back, $last->timing->wait, new Said('route.marked.what-has-not-set'),
                );
            }
            if (Slots::isOne($subject, $mark)) {
                $chains = [...$chains, ...Slots::chains($subject, $mark)];
                $back = Slots::lastId($mark);
            }
            foreach (array_slice($marks, $i + 1) as $other) {
                if ($mark->overlaps($other)) {
                    $chains[] = Precedence::custom(
                        isset($back) ? $back : $last->id, $other->id(), isset($back) ? Wait::none()
                            : $last->timing->wait,
                        $other->because(),
                    );
                }
            }
            unset($back);
            if ($mark->technique instanceof OpensWall) {
                $first = Slots::isOne($subject, $mark) ? "{$mark->id()}/start" : $mark->id();
                $chains = [...$chains, ...self::afterTheInside($subject, $first)];
            }
            if ($mark->technique->nature() === Nature::Flames) {
                $chains[] = Precedence::rule(
                    $last->id, "{$mark->id()}/watch", Wait::hours($mark->waitHours),
                    new Said('route.marked.embers-show-themselves-within'),
                );
                $chains = [...$chains, ...self::beforeColours($subject, $mark, $marks)];
            }
            foreach ($mark->colours() ? [] : $marks as $colour) {
                $because = $colour->colours() ? self::beforeColour($mark, $colour) : null;
                if ($because !== null) {
                    $chains[] = Precedence::custom($last->id, $colour->id(), Wait::none(), $because);
                }
            }
        }

        return $chains;
    }

    /** @return list<Precedence> what is cut right through comes after the inside is */
    private static function afterTheInside(PartContext $subject, string $opening): array
    {
        $isHollowed = $subject->startsAs !== StartsAs::Turned && $subject->has(Face::Inside);

        return [
            ...$isHollowed ? [Precedence::rule(
                $subject->id('hollow', Face::Inside), $opening, Wait::none(),
                new Said('route.marked.tool-catches-in-opening'),
            )] : [],
            ...isset($subject->sandings[Face::Inside->value]) ? [Precedence::custom(
                $subject->id('sand', Face::Inside), $opening, Wait::none(),
                new Said('route.marked.paper-catches-in-opening'),
            )] : [],
        ];
    }

    /** Why a mark that lies beside a colour is made before it; null where it makes no odds. */
    private static function beforeColour(Mark $mark, Mark $colour): ?Said
    {
        if ($mark->overlaps($colour)) {
            return null;
        }
        $isDam = $mark->technique instanceof CutsProfile && $mark->band->on === $colour->band->on
            && $mark->band->toMm > $colour->band->fromMm - BandEdges::NEAR_MM
            && $mark->band->fromMm < $colour->band->toMm + BandEdges::NEAR_MM;

        return match (true) {
            $isDam => new Said('route.marked.line-dam-only-once'),
            $mark->technique->nature() === Nature::Burns => new Said('route.marked.burnt-before-anything-dyed'),
            default => null,
        };
    }

    /**
     * @param  list<Mark>  $marks
     * @return list<Precedence>
     */
    private static function beforeColours(PartContext $subject, Mark $flame, array $marks): array
    {
        $wet = array_map(
            fn (Mark $mark): string => $mark->id(),
            array_filter($marks, fn (Mark $mark): bool => $mark->colours() && ! $flame->overlaps($mark)),
        );
        foreach ($subject->part->coatPlans as $plan) {
            $wet = [...$wet, ...array_map(fn (Coat $coat): string => $coat->id, array_slice($plan->coats, 0, 1))];
        }

        return array_values(array_map(fn (string $later): Precedence => Precedence::custom(
            $flame->id(), $later, Wait::none(), new Said('route.marked.no-flame-comes-near'),
        ), $wet));
    }

    private static function mark(PartContext $subject, Mark $mark, int $number): Operation
    {
        $worked = $subject->worked[$mark->id()];
        $face = $mark->band->on->face();
        $title = Said::at(self::named($mark, $mark->action()), $mark->band->on->said());

        return new Operation(
            id: $mark->id(), kind: StepKind::Mark, part: $subject->part->id,
            doing: self::onBand($subject, $mark, $mark->technique),
            supplies: new Supplies(
                product: $mark->productClass(),
                goods: $mark->productClass() === null ? null : Goods::ofColour($subject->calibration->shelf),
            ),
            timing: new Timing(
                ($mark->minutes ?? $worked->minutes)
                    * (Slots::isOne($subject, $mark) ? Slots::sawnShare($subject) : 1.0),
                50.0 + $number / 10,
                wait: Wait::hours($mark->waitHours, null, $mark->kinetics()),
                handling: Wait::hours($mark->waitHours, null, $mark->kinetics()),
            ),
            setup: new Setup(
                hazards: self::hazards($subject, $mark),
                hold: $mark->technique->hold($subject->part->holding->mounted()),
            ),
            words: new StepWords(
                $title,
                $mark->because(),
                how: PartContext::said(...[
                    new Said('route.marked.along-from', [
                        'from' => Quantity::mm($mark->band->fromMm),
                        'to' => Quantity::mm($mark->band->toMm),
                        'face' => $mark->band->on->said(),
                        'what' => $face === Face::Outside ? new Said('route.marked.foot') : new Said(
                            'route.marked.outer-edge',
                        ),
                    ]),
                    ...$worked->says,
                    $mark->stain === null ? null : new Said('route.marked.keep-wet-edge-stays', [
                        'class' => $mark->stain->name(),
                        'open' => Quantity::minutes($mark->stain->openMinutes),
                    ]),
                    $mark->stain?->aftercare(),
                    $mark->isClassTaken
                        ? new Said(
                            'route.marked.no-class-was-chosen', ['productClass' => $mark->productName()],
                        ) : null,
                    self::written($mark->note),
                ]),
                brief: Said::lower($mark->action()),
                waitFor: match (true) {
                    $mark->waitHours <= 0 => null,
                    $mark->technique->nature() === Nature::Flames => new Said('route.marked.watched'),
                    $mark->technique->nature() === Nature::Cuts => new Said('route.marked.to-set'),
                    default => new Said('route.marked.to-dry'),
                },
            ),
        );
    }

    private static function watch(PartContext $subject, Mark $mark, int $number): Operation
    {
        return new Operation(
            id: "{$mark->id()}/watch", kind: StepKind::Test, part: $subject->part->id,
            doing: self::onBand($subject, $mark, $subject->technique('own')),
            timing: new Timing($subject->calibration->marks->watchMinutes, 50.06 + $number / 10),
            setup: new Setup(
                work: Work::Hand,
                hazards: [Hazard::Flame],
                hold: new Said('route.marked.outside-brick-or-stone'),
            ),
            words: new StepWords(
                new Said('route.marked.end-fire-watch', [
                    'zone' => $mark->band->on->said(),
                ]),
                new Said('route.marked.char-glows-unseen-nobody'),
                how: [
                    new Said('route.marked.stay-all-time-extinguisher'),
                ],
                brief: new Said('route.marked.end-fire-watch-2'),
            ),
        );
    }

    private static function sandBack(PartContext $subject, Mark $mark, int $number): Operation
    {
        $area = $subject->measured->zones[$mark->id()]->areaMm2;
        $back = $subject->part->sandedBack($subject->piece->order);
        $um = $back->um($mark);
        $grit = $back->grit($mark);

        return new Operation(
            id: "{$mark->id()}/sand-back", kind: StepKind::Mark, part: $subject->part->id,
            doing: self::onBand($subject, $mark, $subject->technique('sand-back')),
            timing: new Timing(
                1.0 + $subject->calibration->marks->sandBackMinutesPer100Cm2 * $area / 10_000,
                50.05 + $number / 10,
            ),
            setup: new Setup(
                work: Work::Hand, hazards: [Hazard::ofDust($subject->part->wood)],
                hold: new Said('route.marked.hand-grain'),
            ),
            words: new StepWords(
                Said::at(
                    self::named($mark, new Said('route.marked.sand-colour-back')), $mark->band->on->said(),
                ),
                new Said('route.marked.colour-stays-where-wood'),
                how: [
                    new Said('route.marked.about-some-strokes-over', [
                        'um' => Quantity::um($um),
                        'strokes' => Quantity::count(
                            $subject->calibration->colour->strokes(
                                $um, $grit->micron, $subject->part->wood->figures->jankaN,
                            ),
                        ),
                        'grit' => $grit->name,
                    ]),
                ],
                brief: new Said('route.marked.sand-colour-back-2'),
            ),
        );
    }

    /** Whether what is in it stands proud until it is taken back level. */
    private static function isLevelled(Mark $mark): bool
    {
        return $mark->binder !== null && ! $mark->colours();
    }

    private static function level(PartContext $subject, Mark $mark, int $number): Operation
    {
        $area = $subject->measured->zones[$mark->id()]->areaMm2;
        $rates = $subject->calibration->marks;

        return new Operation(
            id: "{$mark->id()}/level", kind: StepKind::Mark, part: $subject->part->id,
            doing: self::onBand($subject, $mark, $subject->technique('sand-back')),
            timing: new Timing(
                $rates->levelMinutes + $rates->sandBackMinutesPer100Cm2 * $area / 10_000,
                50.05 + $number / 10,
            ),
            setup: new Setup(
                work: Work::Hand,
                hazards: [Hazard::ofDust($subject->part->wood), ...$subject->worked[$mark->id()]->hazards],
                hold: new Said('route.marked.hand-grain'),
            ),
            words: new StepWords(
                Said::at(self::named($mark, new Said('route.marked.take-inlay-back-level')), $mark->band->on->said()),
                new Said('route.marked.once-has-set-paper'),
                how: [new Said('route.marked.scraped-or-filed-flush')],
                brief: new Said('route.marked.level-inlay'),
            ),
        );
    }

    /** What the catalogue or the maker wrote of it. */
    private static function written(?string $text): ?Said
    {
        return $text === null || $text === '' ? null : Said::name($text);
    }

    public static function onBand(PartContext $subject, Mark $mark, Technique $technique): Doing
    {
        return new Doing($technique, [self::place($subject, $mark)], of: [$mark->id()], band: $mark->id());
    }

    private static function place(PartContext $subject, Mark $mark): Place
    {
        return Place::stretch(
            $subject->part->id, $mark->band->on->face(), $mark->band->fromMm, $mark->band->toMm,
        );
    }

    /** What is done, with what the maker calls the mark. */
    public static function named(Mark $mark, Said $action): Said
    {
        return $mark->name === null ? $action : Said::of($mark->name, $action);
    }

    /** @return list<Hazard> */
    private static function hazards(PartContext $subject, Mark $mark): array
    {
        return [
            ...Hazard::ofProduct($mark->productHazards()), ...$subject->worked[$mark->id()]->hazards,
            ...$mark->technique->character()->work === Work::Spinning ? $subject->spinning() : [],
        ];
    }
}
