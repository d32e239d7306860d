<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Closing;

use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Said;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\Bench;
use Rinkel\Core\Work\Cure;
use Rinkel\Core\Work\Does;
use Rinkel\Core\Work\End;
use Rinkel\Core\Work\Finish;
use Rinkel\Core\Work\How;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\Move;
use Rinkel\Core\Work\Outlet;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Tool;

/**
 * Three overhands by turns, left over right and right over left; the fit is tried before any glue, ends are trimmed
 * when it has dried, and the knot is tucked away: into the bead with the largest hole, or under a crimp cover.
 */
final readonly class Elastic extends Ending
{
    /** Overhands of one knot, and how many sides they are tied from (common practice). */
    private const KNOTS = 3;

    /** What is left of each end at the knot, in mm: not too close (judgement). */
    private const STUB = 2.0;

    /**
     * @param list<string> $covers each over a knot of its own
     * @param Length       $room   of each end to tie it
     * @param string|null  $hides  the bead that takes the knot in
     */
    public function __construct(
        private array $covers,
        private bool $glued,
        private Length $room,
        private ?string $hides,
    ) {
        parent::__construct();
    }

    public function write(Bench $bench, Outlet $start, Outlet $finish): void
    {
        $ends = [...$start->tails(), ...$finish->tails()];
        $covers = [] === $this->covers ? [null] : $this->covers;
        $knot = Landmark::of('elastic-knot');
        $acts = [];
        foreach ($covers as $i => $cover) {
            $acts[] = $this->knot($bench, $ends, $knot, $i);
        }
        foreach ($ends as $end) {
            $end->keep($this->room->millimetres);
        }
        $bench->write('closed', [...$acts, new Act(
            Does::Try,
            Part::Trial,
            new Said('try-elastic', ['body' => $bench->body]),
            marks: [$knot],
            sizes: ['body' => $bench->body],
            looks: [new Said('look-elastic')],
        )], ['body']);
        $bench->write('last ends', [
            ...($this->glued ? [new Act(
                Does::Secure,
                Part::Ends,
                new Said('glue-knot'),
                role: 'cord',
                ends: $ends,
                how: How::Glue,
                looks: [new Said('look-glue')],
                tools: [Tool::Glue],
                lesson: 'glue',
            ), Finish::wait(Cure::Elastic)] : []),
            new Act(
                Does::Trim,
                Part::Ends,
                new Said('trim-elastic', ['leaves' => Length::ofMillimetres(self::STUB)]),
                role: 'cord',
                marks: [$knot],
                sizes: ['leaves' => Length::ofMillimetres(self::STUB)],
                ends: $ends,
                tools: [Tool::Scissors],
            ),
            ...array_map(fn (?string $cover): Act => new Act(
                Does::Cover,
                Part::Ends,
                null === $cover ? new Said('hide-knot', ['bead' => $this->hides ?? 'none'])
                    : new Said('crimp-cover', ['cover' => $cover]),
                things: null === $cover ? [] : [$cover],
                marks: [$knot],
                tools: null === $cover ? [] : [Tool::Pliers],
                lesson: null === $cover ? 'hide' : 'cover',
            ), $covers),
        ], ['closed']);
    }

    /**
     * @param list<End> $ends
     */
    private function knot(Bench $bench, array $ends, Landmark $knot, int $i): Act
    {
        $word = (new Overhand())->word();

        return new Act(
            Does::Tie,
            Part::Close,
            new Said(0 === $i ? 'elastic-knot' : 'elastic-knot-again', ['count' => self::KNOTS]),
            [Move::knot($word, Side::Left), Move::knot($word, Side::Right), Move::knot($word, Side::Left)],
            self::KNOTS,
            'cord',
            by: $ends,
            takes: [] === $ends ? [] : $bench->knots(
                new Overhand(),
                $bench->book->in(new Overhand(), $ends[0]->cord->material),
                $ends,
                self::KNOTS,
            ),
            makes: [$knot],
            knot: $word,
            looks: [new Said('look-not-tight')],
            lesson: 'elastic',
        );
    }
}
