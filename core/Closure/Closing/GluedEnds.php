<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Closing;

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
use Rinkel\Core\Work\Outlet;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Spot;
use Rinkel\Core\Work\Stint;
use Rinkel\Core\Work\Tool;

/**
 * Ends glued into the two halves of one finding, as a magnet, their poles to each other; or to each other, cut face to
 * cut face.
 *
 * @internal
 */
final readonly class GluedEnds extends ClosingSequence
{
    /**
     * @param string|null $finding whose halves they go into; null where they are butted
     * @param Length      $room    of each end, to be trimmed to the wrist
     */
    public function __construct(
        private ?string $finding,
        private Length $room,
    ) {
        parent::__construct();
    }

    public function write(Bench $bench, Outlet $start, Outlet $finish): void
    {
        foreach ([...$start->tails(), ...$finish->tails()] as $end) {
            $end->keep($this->room->millimetres);
        }
        foreach ([...$start->ends->tied, ...$finish->ends->tied] as $end) {
            $end->keep($bench->habits->hold(false)->millimetres);
        }
        $bench->write('trimmed', self::trimmed([$start, $finish]), ['body', 'trial']);
        $wait = Finish::wait(Cure::End, Part::Close);
        if (null !== $this->finding) {
            $into = [$this->into($this->finding, $start), $this->into($this->finding, $finish)];
            $bench->write('closed', [...$into, $wait], ['trimmed', 'binding']);

            return;
        }
        $bench->write('closed', [self::butt($start, $finish), $wait, new Act(
            ActKind::Unpin,
            Part::Close,
            new Message('trim-lump'),
            spot: new Spot(marks: [Landmark::of('join')]),
            advice: new Advice(tools: [Tool::Scissors], lesson: 'whip'),
        )], ['trimmed']);
        $bench->write('binding', [], ['closed']);
    }

    /**
     * Returns how one side's ends are glued into the finding.
     */
    private function into(string $finding, Outlet $at): Act
    {
        return new Act(
            ActKind::Secure,
            Part::Close,
            new Message('glue-in', ['finding' => $finding, 'side' => $at->side(), 'count' => \count($at->tails())]),
            stint: new Stint(things: $at->isStart ? [$finding] : []),
            grip: new Grip(role: $at->role()),
            care: new EndCare(ends: $at->tails(), how: How::Glue, endsAs: self::hidden($at->tails())),
            spot: new Spot(makes: [Landmark::of('finding-edge', $finding, $at->side())]),
            advice: new Advice(looks: [new Message('look-magnet')], tools: [Tool::Glue, Tool::Clip], lesson: 'magnet'),
        );
    }

    /**
     * Returns how both sides' ends are glued against each other.
     */
    private static function butt(Outlet $start, Outlet $finish): Act
    {
        $ends = [...$start->tails(), ...$finish->tails()];

        return new Act(
            ActKind::Secure,
            Part::Close,
            new Message('butt'),
            grip: new Grip(role: $start->role()),
            care: new EndCare(ends: $ends, how: How::Glue, endsAs: self::hidden($ends)),
            spot: new Spot(makes: [Landmark::of('join')]),
            advice: new Advice(looks: [new Message('look-minute')], tools: [Tool::Glue], lesson: 'butt'),
        );
    }

    /**
     * @param list<End> $ends
     *
     * @return array<string, string>
     */
    private static function hidden(array $ends): array
    {
        return array_fill_keys(array_map(static fn (End $end): string => $end->id, $ends), 'hidden');
    }

    /**
     * @param list<Outlet> $outlets
     *
     * @return list<Act>
     */
    private static function trimmed(array $outlets): array
    {
        return array_map(static fn (Outlet $at): Act => new Act(
            ActKind::Trim,
            Part::Close,
            new Message(
                'trim-legs',
                ['count' => \count($at->tails()), 'side' => $at->side(), 'role' => $at->role() ?? 'rope'],
            ),
            grip: new Grip(role: $at->role()),
            care: new EndCare(ends: $at->tails()),
            spot: new Spot(marks: [$at->edge], sizes: ['leaves' => Length::zero()]),
            advice: new Advice(tools: [Tool::Tape, Tool::Scissors]),
        ), $outlets);
    }
}
