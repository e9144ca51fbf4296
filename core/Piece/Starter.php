<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Calibration\JointRates;
use HonestGrain\Coating\ProvenStack;
use HonestGrain\Geometry\Curve;
use HonestGrain\Geometry\Face;
use HonestGrain\Geometry\Form;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Geometry\NaturalEdge;
use HonestGrain\Geometry\Node;
use HonestGrain\Geometry\Profile;
use HonestGrain\Geometry\Surface;
use HonestGrain\Holding\Holding;
use HonestGrain\Reading\Document;
use HonestGrain\Words\FirstLetter;

/**
 * First drawings of pieces and of parts that go with them, by proportions of our own (workshop), as documents.
 *
 * @phpstan-type Fields array<string, mixed>
 */
final class Starter
{
    /** Bark drops by no more of the hollow under it than this. */
    private const BARK_SHARE = 0.5;

    /** What is spun on with a cloth, which reaches no floor deeper than its mouth is wide. */
    private const SPUN_STACK = 'friction-polish';

    /** The stack of coats that a form starts with, by the stack's id. */
    private const STACKS = [
        'spindle' => self::SPUN_STACK, 'lidded-box' => self::SPUN_STACK, 'platter' => 'hard-wax-oil',
        'vase' => 'wiping-varnish', 'hollow-form' => 'wiping-varnish', 'plate' => 'hard-wax-oil',
        'sphere' => self::SPUN_STACK, 'ball-and-cup' => self::SPUN_STACK,
    ];

    private const USUAL_STACK = 'oil-varnish';

    /**
     * A whole piece of this form.
     *
     * @param  list<ProvenStack>  $stacks
     * @param  Fields  $fields  of the piece (name, purpose, due_at …) and of its first part
     *     (wood, grain, moisture_percent)
     * @return Fields a document, version 2
     */
    public static function document(
        JointRates $joints,
        Form $form,
        Profile $profile,
        array $stacks,
        array $fields,
    ): array {
        $wood = ['wood' => $fields['wood'] ?? null, 'grain' => $fields['grain'] ?? $form->grain()->value]
            + (isset($fields['moisture_percent']) ? ['moisture_percent' => $fields['moisture_percent']] : []);
        $stack = self::stack($stacks, self::STACKS[$form->value] ?? self::USUAL_STACK);
        $parts = [
            self::part('body', 'Body', $form->isSpindle() ? Holding::BetweenCentres : Holding::Tenon, $profile, $wood),
        ];
        $met = [];
        foreach (self::others($joints, $form, $profile) as [$id, $name, $other, $joint]) {
            $parts[] = self::part($id, $name, $id === 'ball' ? Holding::BetweenCentres : Holding::Tenon, $other, $wood);
            $met[] = ['id' => "joint-$id", 'parts' => ['body', $id]] + $joint;
        }
        if ($form === Form::NaturalEdge) {
            $rim = Surface::Rim->lengthMm($profile);
            $parts[0]['shape'] = $profile->edged(self::barkOf($profile))->toArray();
            $parts[0]['features'] = [[
                'id' => 'bark', 'kind' => FlawKind::BarkEdge->value, 'on' => Surface::Rim->value, 'from_mm' => 0.0,
                'to_mm' => round($rim, 2),
                'azimuth_deg' => null, 'width_mm' => null, 'depth_mm' => null, 'wish' => Wish::Stabilise->value,
                'with' => FillWith::ThinCa->value,
            ]];
        }
        $n = 0;
        foreach ($parts as $i => $part) {
            $parts[$i]['coats'] = self::coats($part, $stack, $n);
        }
        unset($fields['wood'], $fields['grain'], $fields['moisture_percent']);

        return $fields + [
            'format' => Piece::FORMAT, 'version' => Piece::VERSION, 'form' => $form->value,
            'purpose' => Purpose::Handled->value,
            'due_at' => null, 'starts_as' => StartsAs::Turned->value, 'school' => [], 'parts' => $parts,
            'joints' => $met, 'steps' => [], 'order' => [], 'note' => '',
        ];
    }

    /** The rim of a bowl out of a log of twice its width, as far as there is wall for it to drop. */
    private static function barkOf(Profile $profile): NaturalEdge
    {
        $most = $profile->mostDropMm();
        $across = 2 * $profile->diameterMm();
        while ($across / 2 - sqrt(($across / 2) ** 2 - ($profile->diameterMm() / 2) ** 2) > self::BARK_SHARE * $most) {
            $across *= 1.5;
        }

        return NaturalEdge::ofLog($across, $profile->diameterMm() / 2, $most, 'shape.rim');
    }

    /**
     * A part that goes with another, of the same wood and uncoated, and the joint between them.
     *
     * @return array{Part, Joint}
     */
    public static function with(PartKind $kind, Part $body, string $id, Tables $tables): array
    {
        $joints = $tables->calibration->joints;
        [$profile, $diameterMm, $depthMm] = match ($kind) {
            PartKind::Lid => self::lid($joints, $body->profile),
            PartKind::Plug => self::plug($joints, $body->profile),
            PartKind::Handle => self::handle($joints, $body->profile),
            PartKind::Finial => self::finial($joints, $body->profile),
        };
        $wood = [
            'wood' => $body->wood->name, 'moisture_percent' => $body->moisturePercent,
            'grain' => $kind === PartKind::Plug ? $body->grain->value : GrainDirection::End->value,
        ];

        return [
            Part::read(
                Document::of(self::part($id, FirstLetter::large($kind->value), Holding::Tenon, $profile, $wood)),
                $tables,
            ), Joint::read(Document::of([
                'id' => Id::fresh('joint'), 'kind' => $kind->joint()->value, 'parts' => [$body->id, $id],
                'diameter_mm' => round($diameterMm, 2), 'depth_mm' => round($depthMm, 2),
                'at' => $kind->place()->value,
            ] + ($kind->place() === JointPlace::Side ? self::inTheSide($joints, $body->profile, $depthMm) : []))),
        ];
    }

    /**
     * @return list<array{string, string, Profile, Fields}> id, name, shape and joint of what goes with the body
     */
    private static function others(JointRates $joints, Form $form, Profile $body): array
    {
        $joint = fn (JointKind $kind, JointPlace $at, float $diameter, float $depth): array => [
            'kind' => $kind->value, 'diameter_mm' => round(
                $diameter, 2,
            ), 'depth_mm' => round($depth, 2), 'at' => $at->value,
        ];
        if ($form === Form::LiddedBox) {
            [$lid, $diameter, $depth] = self::lid($joints, $body);

            return [['lid', 'Lid', $lid, $joint(JointKind::Lifts, JointPlace::Top, $diameter, $depth)]];
        }
        if ($form === Form::Scoop) {
            [$handle, $diameter, $depth] = self::handle($joints, $body);

            return [['handle', 'Handle', $handle, $joint(
                JointKind::GluedTenon, JointPlace::Side, $diameter, $depth,
            ) + self::inTheSide($joints, $body, $depth)]];
        }
        if ($form === Form::Mill) {
            [$top, $diameter, $depth] = self::millTop($joints, $body);

            return [['head', 'Head', $top, $joint(JointKind::Slip, JointPlace::Top, $diameter, $depth)]];
        }
        if ($form === Form::BallAndCup) {
            $ball = 0.62 * 2 * ($body->inner?->first()->r ?? $body->diameterMm() / 2);

            return [['ball', 'Ball', Form::Sphere->profile($ball, $ball, 0.0, 0.0), $joint(
                JointKind::Ball, JointPlace::Top, 2 * ($body->inner?->first()->r ?? 0.0), 0.0,
            )]];
        }

        return [];
    }

    /** @return array{Profile, float, float} the lid, the diameter it meets at and how deep it goes in */
    private static function lid(JointRates $joints, Profile $body): array
    {
        $mouth = 2 * ($body->inner?->first()->r ?? $body->outer->last()->r * 0.6);
        $r = $body->outer->last()->r;
        $s = $mouth / 2 - $joints->playMm / 2;
        $depth = max(4.0, $mouth * 0.09);
        $t = max(4.0, $r * 0.16);
        $knob = max(4.0, $r * 0.2);

        return [self::profile([
            [0.0, $s, true], [$depth, $s, true], [$depth, $r, true], [$depth + $t * 0.7, $r, true],
            [$depth + $t * 1.5, $r * 0.66], [$depth + $t * 2.0, $knob * 0.72], [$depth + $t * 2.5, $knob * 0.62],
            [$depth + $t * 2.5 + $knob * 0.8, $knob], [$depth + $t * 2.5 + $knob * 1.5, $knob * 0.5, true],
        ]), $mouth, $depth];
    }

    /** @return array{Profile, float, float} */
    private static function plug(JointRates $joints, Profile $body): array
    {
        $hole = $body->bore?->opensAtFoot() === true
            ? $body->bore->diameterMm : max(8.0, $body->outer->first()->r * 0.7);
        $long = min(16.0, max(8.0, $body->heightMm() * 0.08));
        $r = $hole / 2 - $joints->playMm / 2;

        return [self::profile([[0.0, $r, true], [$long, $r, true]]), $hole, 0.0];
    }

    /** @return array{Profile, float, float} */
    private static function handle(JointRates $joints, Profile $body): array
    {
        $long = max(60.0, $body->diameterMm() * 1.2);
        $peg = max(6.0, $body->diameterMm() * 0.13);
        $depth = min(10.0, $body->diameterMm() * 0.12);
        $s = $peg / 2 - $joints->playMm / 2;

        return [self::profile([
            [0.0, $s, true], [$depth, $s, true], [$depth, $peg * 0.9, true], [$long * 0.3, $peg * 0.7],
            [$long * 0.75, $peg * 1.1], [$long * 0.94, $peg * 1.0], [$long, $peg * 0.4, true],
        ]), $peg, $depth];
    }

    /**
     * As high in the side as there is wood for a tenon, along the grain that comes out there.
     *
     * @return array<string, float> none where no height has so much
     */
    private static function inTheSide(JointRates $joints, Profile $body, float $deepMm): array
    {
        for ($share = 0.8; $share >= 0.05; $share -= 0.025) {
            $z = $body->heightMm() * $share;
            $across = $body->diameterAtMm($z) ?? 0.0;
            $inner = $body->hollowRadiusAtMm($z);
            if (($inner > 0.0 ? $across / 2 - $inner : $across) >= $deepMm + $joints->sideWallMm) {
                return ['height_mm' => round($z, 1), 'azimuth_deg' => 0.0, 'angle_deg' => 0.0];
            }
        }

        return [];
    }

    /** @return array{Profile, float, float} */
    private static function finial(JointRates $joints, Profile $body): array
    {
        $peg = max(5.0, $body->outer->last()->r * 0.4);
        $long = max(40.0, $body->heightMm() * 0.45);
        $depth = min(8.0, $body->heightMm() * 0.1);
        $s = $peg / 2 - $joints->playMm / 2;

        return [self::profile([
            [0.0, $s, true], [$depth, $s, true], [$depth, $peg * 1.1, true], [$depth + $long * 0.1, $peg * 0.9],
            [$depth + $long * 0.22, $peg * 0.4], [$depth + $long * 0.42, $peg * 0.85], [
                $depth + $long * 0.6, $peg * 0.3,
            ],
            [$depth + $long, 0.6, true],
        ]), $peg, $depth];
    }

    /** @return array{Profile, float, float} */
    private static function millTop(JointRates $joints, Profile $body): array
    {
        $bore = $body->bore->diameterMm ?? $body->outer->last()->r;
        $r = $body->outer->last()->r;
        $s = $bore / 2 - $joints->playMm / 2;
        $h = $body->heightMm() * 0.3;
        $depth = min(12.0, $h * 0.3);

        return [self::profile([
            [0.0, $s, true], [$depth, $s, true], [$depth, $r, true], [$depth + $h * 0.12, $r, true],
            [$depth + $h * 0.22, $r * 0.62], [$depth + $h * 0.6, $r * 0.95], [$depth + $h * 0.9, $r * 0.6],
            [$depth + $h, $r * 0.25, true],
        ]), $bore, $depth];
    }

    /** @param  list<array{0: float, 1: float, 2?: bool}>  $nodes */
    private static function profile(array $nodes): Profile
    {
        return Profile::of(Curve::through(array_map(
            fn (array $n): Node => Node::at(round($n[0], 2), round($n[1], 2), $n[2] ?? false), $nodes,
        )), null);
    }

    /**
     * @param  Fields  $wood
     * @return Fields
     */
    private static function part(string $id, string $name, Holding $holding, Profile $profile, array $wood): array
    {
        return ['id' => $id, 'name' => $name] + $wood + [
            'moisture_percent' => Part::USUAL_MOISTURE_PERCENT, 'holding' => $holding->value,
            'shape' => $profile->toArray(), 'features' => [],
            'surface' => [
                'tool_mark_um' => [], 'own' => [], 'stop_at' => [], 'unsanded' => $profile->bore === null
                    ? [] : [Face::Bore->value],
            ],
            'marks' => [], 'coats' => [],
        ];
    }

    /** @param  list<ProvenStack>  $stacks */
    private static function stack(array $stacks, string $id): ?ProvenStack
    {
        foreach ($stacks as $stack) {
            if ($stack->id === $id) {
                return $stack;
            }
        }

        return null;
    }

    /**
     * @param  Fields  $part
     * @param  int  $n  how many ids have been given
     * @return list<Fields>
     */
    private static function coats(array $part, ?ProvenStack $stack, int &$n): array
    {
        if ($stack === null) {
            return [];
        }
        $shape = is_array($part['shape']) ? $part['shape'] : [];
        $zones = match (true) {
            ($shape['inner'] ?? null) === null => [Face::Outside, Face::Top],
            $stack->id === self::SPUN_STACK && self::isDeep($shape['inner']) => [Face::Outside, Face::Rim],
            default => [Face::Outside, Face::Inside, Face::Rim],
        };
        $given = function (string $kind) use (&$n): string {
            return $kind.(++$n);
        };
        $plan = $stack->planFor($zones, $given);

        return [['id' => $given('c')] + $plan];
    }

    /** Whether an inside goes further down than its mouth is wide. */
    private static function isDeep(mixed $inner): bool
    {
        $first = is_array($inner) ? $inner[0] ?? null : null;
        $last = is_array($inner) ? end($inner) : null;

        return is_array($first) && is_array($last) && is_numeric($first[0] ?? null) && is_numeric($first[1] ?? null)
            && is_numeric($last[0] ?? null) && 2 * $first[1] < $first[0] - $last[0];
    }
}
