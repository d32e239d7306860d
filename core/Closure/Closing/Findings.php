<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Closing;

use Rinkel\Core\Closure\EndFindings;
use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Knot\Kind\Square;
use Rinkel\Core\Knot\TiedKnot;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Message;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Advice;
use Rinkel\Core\Work\Bench;
use Rinkel\Core\Work\Cure;
use Rinkel\Core\Work\End;
use Rinkel\Core\Work\EndCare;
use Rinkel\Core\Work\Finish;
use Rinkel\Core\Work\Grip;
use Rinkel\Core\Work\How;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\LooseEnds;
use Rinkel\Core\Work\Move;
use Rinkel\Core\Work\Outlet;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Spot;
use Rinkel\Core\Work\Stint;
use Rinkel\Core\Work\Tool;

/**
 * Findings at one end, one after the other from the body on: crimped over the ends where the first is made for that;
 * on the fold of folded cords; on a chain's last link; else the ends go through the first and are tied back to their
 * own cords in one overhand, so that nothing falls off that is trimmed.
 *
 * Of a finding whose other half is at the other end, that half is put on here and named by the whole.
 *
 * @internal
 */
final readonly class Findings implements AtEnd, TiesBeyond
{
    /** What an end takes around a ring's wire, folded back, in its diameters: half a turn and some (judgement). */
    private const AROUND = 6.0;

    /** How deep cords go into a cord end, of its length (judgement). */
    private const DEEP = 0.6;

    /**
     * @param list<array{string, Finding}> $findings by name, from the body on
     * @param string|null                  $half     name of what is at the other end with its other half
     * @param TiedKnot|null                $square   one of the square knots over the core that is tied back
     * @param int                          $over     how many of them
     */
    public function __construct(
        private array $findings,
        private ?string $half = null,
        private ?TiedKnot $square = null,
        private int $over = 0,
    ) {}

    public function beyond(): KnotsBeyondBody
    {
        return new KnotsBeyondBody($this->over, $this->square, $this->findings[0][0] ?? $this->half ?? '');
    }

    public function acts(Bench $bench, Outlet $at): array
    {
        $ends = $at->ends->carrying;
        [$name, $first] = $this->findings[0] ?? [$this->half ?? '', null];
        if ('' === $name || [] === $ends) {
            return [];
        }
        $edge = Landmark::of('finding-edge', $name, $at->side());
        $things = null === $first ? [] : [$name];
        $acts = match (true) {
            $at->isLink => $this->linked($bench, $at, $name, $things, $edge),
            $at->isFolded => [new Act(
                ActKind::Attach,
                Part::Close,
                new Message(
                    null === $first ? 'half-on-fold' : 'finding-on-fold',
                    ['finding' => $name, 'role' => End::rolesOf($ends)],
                ),
                stint: new Stint(things: $things),
                grip: new Grip(role: $at->role(), by: $ends),
                spot: new Spot(makes: [$edge]),
                advice: new Advice(lesson: 'lark'),
            )],
            FindingKind::CordEnd === $first?->kind => $this->gluedInto($at, $name, $first, $edge),
            null !== $first && EndFindings::isCrimp($first) => $this->crimped($at, $name, $edge),
            default => $this->tied($bench, $at, $name, $things, $edge),
        };
        foreach (\array_slice($this->findings, 1) as [$next]) {
            $acts[] = self::hooked('finding-on', $next, $name, [$next]);
            $name = $next;
        }
        if (null !== $first && null !== $this->half) {
            $acts[] = self::hooked('half-on', $this->half, $name, []);
        }

        return $acts;
    }

    /**
     * Returns a finding on the one before it, whose ring is opened sideways.
     *
     * @param list<string> $things
     */
    private static function hooked(string $key, string $finding, string $before, array $things): Act
    {
        return new Act(
            ActKind::Attach,
            Part::Close,
            new Message($key, ['finding' => $finding, 'before' => $before]),
            stint: new Stint(things: $things),
            advice: new Advice(looks: [new Message('look-rings')], tools: [Tool::Pliers], lesson: 'ring'),
        );
    }

    /**
     * Returns whether its first is pressed over the ends of cords.
     */
    public function crimps(): bool
    {
        return isset($this->findings[0]) && EndFindings::isCrimp($this->findings[0][1]);
    }

    public function loose(Bench $bench, Outlet $at): array
    {
        $first = $this->findings[0][1] ?? null;
        if ($at->isFolded || [] === $at->ends->carrying || null === $first && null === $this->half) {
            return [];
        }
        foreach ($at->ends->carrying as $end) {
            $end->keep($bench->habits->hold(true)->millimetres);
        }
        if (null !== $first && EndFindings::isCrimp($first) && !$at->isLink) {
            return [];
        }

        return [new LooseEnds($at->ends->carrying, $at->isLink
            ? Landmark::of('link-knot', null, $at->side())
            : Landmark::of('tied-back', $this->findings[0][0] ?? $this->half, $at->side()))];
    }

    /**
     * Returns ends that are cut to the depth of a cord end and glued into it.
     *
     * @return list<Act>
     */
    private function gluedInto(Outlet $at, string $name, Finding $into, Landmark $edge): array
    {
        $ends = $at->ends->carrying;
        $deep = $into->length->times(self::DEEP);
        $said = ['finding' => $name, 'count' => \count($ends), 'role' => End::rolesOf($ends)];

        return [
            new Act(
                ActKind::Trim,
                Part::Close,
                new Message('trim-into', $said + ['leaves' => $deep->plus($at->bare), 'from' => $at->edge]),
                grip: new Grip(role: $at->role()),
                care: new EndCare(ends: $ends),
                spot: new Spot(
                    marks: [$at->edge],
                    sizes: ['leaves' => $deep, 'reach' => $deep->plus($at->bare)],
                ),
                advice: new Advice(tools: [Tool::Scissors]),
            ),
            new Act(
                ActKind::Secure,
                Part::Close,
                new Message('glue-into', $said),
                grip: new Grip(role: $at->role()),
                care: new EndCare(ends: $ends, how: How::Glue),
                advice: new Advice(looks: [new Message('look-glue')], tools: [Tool::Glue], lesson: 'glue'),
            ),
            self::pushed($at, $name, $said, $edge),
            Finish::wait(Cure::End, Part::Close),
        ];
    }

    /**
     * @param array<string, int|string> $said of its sentence
     */
    private static function pushed(Outlet $at, string $name, array $said, Landmark $edge): Act
    {
        $ends = $at->ends->carrying;

        return new Act(
            ActKind::Attach,
            Part::Close,
            new Message('push-into', $said + ['from' => $at->edge]),
            stint: new Stint(things: [$name]),
            grip: new Grip(role: $at->role(), by: $ends),
            care: new EndCare(
                endsAs: array_fill_keys(array_map(static fn (End $end): string => $end->id, $ends), 'attached'),
            ),
            spot: new Spot(marks: [$at->edge], makes: [$edge]),
            advice: new Advice(lesson: 'fold-over'),
        );
    }

    /**
     * @return list<Act>
     */
    private function crimped(Outlet $at, string $name, Landmark $edge): array
    {
        $ends = $at->ends->carrying;
        $hidden = array_fill_keys(array_map(static fn (End $end): string => $end->id, $ends), 'attached');

        return [
            new Act(
                ActKind::Attach,
                Part::Close,
                new Message('crimp', [
                    'finding' => $name,
                    'count' => \count($ends),
                    'role' => End::rolesOf($ends),
                    'from' => $at->edge,
                ]),
                stint: new Stint(things: [$name]),
                grip: new Grip(role: $at->role(), by: $ends),
                care: new EndCare(endsAs: $hidden),
                spot: new Spot(marks: [$at->edge], makes: [$edge]),
                advice: new Advice(
                    looks: [
                        ...($at->isStart || 'strand' !== $at->role() ? [] : [new Message('look-straighten')]),
                        new Message('look-crimp'),
                    ],
                    tools: [Tool::Pliers],
                    lesson: 'fold-over',
                ),
            ),
            new Act(
                ActKind::Trim,
                Part::Close,
                new Message('trim-crimped', ['finding' => $name, 'count' => \count($ends)]),
                grip: new Grip(role: $at->role()),
                care: new EndCare(ends: $ends),
                spot: new Spot(marks: [$edge], sizes: ['leaves' => Length::zero()]),
                advice: new Advice(tools: [Tool::Scissors], lesson: 'fold-over'),
            ),
        ];
    }

    /**
     * @param list<string> $things
     *
     * @return list<Act>
     */
    private function tied(Bench $bench, Outlet $at, string $name, array $things, Landmark $edge): array
    {
        $ends = $at->ends->carrying;
        if ([] === $ends) {
            return [];
        }
        $isOver = $this->beyond()->isTied($at);
        $over = $isOver && null !== $this->square ? $this->square->pitch->times($this->over) : Length::zero();

        return [
            self::threaded($at, $name, $things, $edge),
            $this->tiedBack($bench, $at, $name, $over),
            ...($isOver ? [$this->beyond()->act(
                $bench,
                $at,
                Part::Close,
                'over-doubled',
                ['knot' => (new Square())->word(), 'finding' => $name],
                [Landmark::of('tied-back', $name, $at->side())],
                [new Message('look-push-up')],
                (new Square())->word(),
                false,
            )] : []),
        ];
    }

    /**
     * @param list<string> $things
     */
    private static function threaded(Outlet $at, string $name, array $things, Landmark $edge): Act
    {
        $ends = $at->ends->carrying;

        return new Act(
            ActKind::Attach,
            Part::Close,
            new Message(
                [] === $things ? 'half-threaded' : 'finding-threaded',
                ['finding' => $name, 'count' => \count($ends), 'role' => End::rolesOf($ends)],
            ),
            stint: new Stint(things: $things),
            grip: new Grip(role: $at->role(), by: $ends),
            spot: new Spot(makes: [$edge]),
            advice: new Advice(lesson: 'ring'),
        );
    }

    private function tiedBack(Bench $bench, Outlet $at, string $name, Length $over): Act
    {
        $ends = $at->ends->carrying;

        return new Act(
            ActKind::Tie,
            Part::Close,
            new Message('tied-back', [
                'finding' => $name,
                'count' => \count($ends),
                'role' => End::rolesOf($ends),
                'from' => $at->edge,
                'bare' => $at->bare,
                'bared' => $at->bare->isZero() ? 'no' : 'yes',
                'over' => $over,
                'overs' => $over->isZero() ? 'no' : 'yes',
            ]),
            stint: new Stint(
                moves: [Move::knot((new Overhand())->word())],
                knot: (new Overhand())->word(),
                takes: $bench->knots(
                    new Overhand(),
                    $bench->overhand($ends, 2),
                    $ends,
                    2.0,
                    self::AROUND * $ends[0]->cord->material->round()->millimetres + 2 * $over->millimetres,
                ),
            ),
            grip: new Grip(role: $at->role(), by: $ends),
            spot: new Spot(
                marks: [$at->edge],
                makes: [Landmark::of('tied-back', $name, $at->side())],
                sizes: [
                    ...($at->bare->isZero() ? [] : ['distance' => $at->bare]),
                    ...($over->isZero() ? [] : ['over' => $over]),
                ],
            ),
            advice: new Advice(looks: [new Message('look-tied-back')], lesson: 'fastened'),
        );
    }

    /**
     * Cords are knotted at the last link, findings hang on it.
     *
     * @param list<string> $things
     *
     * @return list<Act>
     */
    private function linked(Bench $bench, Outlet $at, string $name, array $things, Landmark $edge): array
    {
        $ends = $at->ends->carrying;

        return [
            new Act(
                ActKind::Attach,
                Part::Close,
                new Message(
                    [] === $things ? 'half-on-link' : 'finding-on-link',
                    ['finding' => $name, 'side' => $at->side()],
                ),
                stint: new Stint(things: $things),
                spot: new Spot(makes: [$edge]),
                advice: new Advice(looks: [new Message('look-rings')], tools: [Tool::Pliers], lesson: 'ring'),
            ),
            ...(new LinkKnot())->acts($bench, $at),
        ];
    }
}
