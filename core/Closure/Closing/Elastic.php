<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Closing;

use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Knot\Side;
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
use Rinkel\Core\Work\Move;
use Rinkel\Core\Work\Outlet;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Spot;
use Rinkel\Core\Work\Stint;
use Rinkel\Core\Work\Tool;

/**
 * Three overhands by turns, left over right and right over left; the fit is tried before any glue, ends are trimmed
 * when it has dried, and the knot is tucked away: into the bead with the largest hole, or under a crimp cover.
 *
 * @internal
 */
final readonly class Elastic extends ClosingSequence
{
    /** Overhands of one knot, by turns; of a plain one (common practice). */
    private const KNOTS = 3;
    private const PLAIN = 2;

    /** What is left of each end at the knot, in mm: not too close (judgement). */
    private const STUB = 2.0;

    /**
     * @param list<string> $covers  each over a knot of its own
     * @param Length       $room    of each end to tie it
     * @param string|null  $hides   the bead with the widest hole, which takes the knot in where it lies beside it
     * @param bool         $isPlain whether two overhands are enough
     */
    public function __construct(
        private array $covers,
        private bool $glued,
        private Length $room,
        private ?string $hides,
        private bool $isPlain = false,
    ) {
        parent::__construct();
    }

    public function write(Bench $bench, Outlet $start, Outlet $finish): void
    {
        $ends = [...$start->tails(), ...$finish->tails()];
        $isEach = \count($this->covers) > 1 && 2 === \count($ends);
        $knot = Landmark::of('elastic-knot');
        $beside = [$start->next, $finish->next];
        $hides = \in_array($this->hides, $beside, true) ? $this->hides : $start->next;
        $acts = [$this->knot($bench, $ends, $knot, $hides), ...($isEach ? $this->tails($bench, $ends, $knot) : [])];
        foreach ($ends as $end) {
            $end->keep($this->room->millimetres);
        }
        $bench->write('closed', [...$acts, new Act(
            ActKind::Try,
            Part::Trial,
            new Message('try-elastic', ['body' => $bench->body]),
            spot: new Spot(marks: [$knot], sizes: ['body' => $bench->body]),
            advice: new Advice(looks: [new Message('look-elastic'), new Message('look-retie')]),
        )], ['body']);
        $bench->write('last ends', $this->hidden($ends, $isEach, $knot, $hides), ['closed']);
    }

    /**
     * @param list<End> $ends
     *
     * @return list<Act>
     */
    private static function glued(array $ends): array
    {
        return [new Act(
            ActKind::Secure,
            Part::Ends,
            new Message('glue-knot'),
            grip: new Grip(role: 'cord'),
            care: new EndCare(ends: $ends, how: How::Glue),
            advice: new Advice(
                looks: [new Message('look-knot-only'), new Message('look-glue')],
                tools: [Tool::Glue],
                lesson: 'glue',
            ),
        ), Finish::wait(Cure::Elastic)];
    }

    /**
     * Returns how the knot is glued, trimmed and hidden.
     *
     * @param list<End> $ends
     *
     * @return list<Act>
     */
    private function hidden(array $ends, bool $isEach, Landmark $knot, ?string $hides): array
    {
        return [
            ...($this->glued ? self::glued($ends) : []),
            ...($isEach ? $this->covers($knot) : []),
            new Act(
                ActKind::Trim,
                Part::Ends,
                $isEach
                    ? new Message('trim-covers')
                    : new Message('trim-elastic', ['leaves' => Length::ofMillimetres(self::STUB)]),
                grip: new Grip(role: 'cord'),
                care: new EndCare(ends: $ends),
                spot: new Spot(
                    marks: [$knot],
                    sizes: ['leaves' => $isEach ? Length::zero() : Length::ofMillimetres(self::STUB)],
                ),
                advice: new Advice(
                    looks: $this->glued ? [new Message('look-again')] : [],
                    tools: [Tool::Scissors],
                ),
            ),
            ...($isEach ? [] : ([] === $this->covers ? [new Act(
                ActKind::Cover,
                Part::Ends,
                new Message('hide-knot', ['bead' => $hides ?? 'none']),
                spot: new Spot(marks: [$knot]),
                advice: new Advice(lesson: 'hide'),
            )] : $this->covers($knot))),
        ];
    }

    /**
     * Returns a knot in each tail, close to the one that closes it: a cover goes over each.
     *
     * @param list<End> $ends
     *
     * @return list<Act>
     */
    private function tails(Bench $bench, array $ends, Landmark $knot): array
    {
        $acts = [];
        foreach ($ends as $i => $end) {
            $acts[] = new Act(
                ActKind::Tie,
                Part::Close,
                new Message('tail-knot', ['number' => $i + 1]),
                stint: new Stint(
                    moves: [Move::knot((new Overhand())->word())],
                    knot: (new Overhand())->word(),
                    takes: $bench->knots(new Overhand(), $bench->overhand([$end]), [$end]),
                ),
                grip: new Grip(role: 'cord', by: [$end]),
                spot: new Spot(marks: [$knot]),
                advice: new Advice(lesson: (new Overhand())->word()),
            );
        }

        return $acts;
    }

    /**
     * @return list<Act>
     */
    private function covers(Landmark $knot): array
    {
        return array_map(static fn (string $cover): Act => new Act(
            ActKind::Cover,
            Part::Ends,
            new Message('crimp-cover', ['cover' => $cover]),
            stint: new Stint(things: [$cover]),
            spot: new Spot(marks: [$knot]),
            advice: new Advice(tools: [Tool::Pliers], lesson: 'cover'),
        ), $this->covers);
    }

    /**
     * @param list<End> $ends
     */
    private function knot(Bench $bench, array $ends, Landmark $knot, ?string $hides): Act
    {
        $times = $this->isPlain ? self::PLAIN : self::KNOTS;
        $word = (new Overhand())->word();

        return new Act(
            ActKind::Tie,
            Part::Close,
            new Message('elastic-knot', ['count' => $times]),
            stint: new Stint(
                moves: [Move::knot($word, Side::Left), Move::knot($word, Side::Right), Move::knot($word, Side::Left)],
                count: $times,
                knot: $word,
                takes: [] === $ends ? [] : $bench->knots(
                    new Overhand(),
                    $bench->book->in(new Overhand(), $ends[0]->cord->material),
                    $ends,
                    $times,
                ),
            ),
            grip: new Grip(role: 'cord', by: $ends),
            spot: new Spot(makes: [$knot]),
            advice: new Advice(
                looks: [
                    ...([] === $this->covers && null !== $hides
                        ? [new Message('look-hole', ['bead' => $hides])]
                        : []),
                    new Message('look-not-tight'),
                ],
                lesson: 'elastic',
            ),
        );
    }
}
