<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Closing;

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Message;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\Bench;
use Rinkel\Core\Work\Cure;
use Rinkel\Core\Work\Does;
use Rinkel\Core\Work\End;
use Rinkel\Core\Work\Finish;
use Rinkel\Core\Work\How;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\Outlet;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Tool;

/**
 * Ends glued into the two halves of one finding, as a magnet, their poles to each other; or to each other, cut face to
 * cut face.
 */
final readonly class Glued extends ClosingSequence
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
        $ends = [...$start->tails(), ...$finish->tails()];
        foreach ($ends as $end) {
            $end->keep($this->room->millimetres);
        }
        foreach ([...$start->tied, ...$finish->tied] as $end) {
            $end->keep($bench->habits->hold(false)->millimetres);
        }
        $hidden = static fn (Outlet $at): array => array_fill_keys(
            array_map(static fn (End $end): string => $end->id, $at->tails()),
            'hidden',
        );
        $acts = [];
        foreach (self::trimmed([$start, $finish]) as $trim) {
            $acts[] = $trim;
        }
        $bench->write('trimmed', $acts, ['body', 'trial']);
        $acts = [];
        foreach (null === $this->finding ? [] : [$start, $finish] as $at) {
            $acts[] = new Act(
                Does::Secure,
                Part::Close,
                new Message(
                    'glue-in',
                    ['finding' => (string) $this->finding, 'side' => $at->side(), 'count' => \count($at->tails())],
                ),
                role: $at->role(),
                things: $at->isStart ? [(string) $this->finding] : [],
                makes: [Landmark::of('finding-edge', $this->finding, $at->side())],
                ends: $at->tails(),
                how: How::Glue,
                endsAs: $hidden($at),
                looks: [new Message('look-magnet')],
                tools: [Tool::Glue, Tool::Clip],
                lesson: 'magnet',
            );
        }
        if (null === $this->finding) {
            $acts[] = new Act(
                Does::Secure,
                Part::Close,
                new Message('butt'),
                role: $start->role(),
                makes: [Landmark::of('join')],
                ends: $ends,
                how: How::Glue,
                endsAs: $hidden($start) + $hidden($finish),
                looks: [new Message('look-minute')],
                tools: [Tool::Glue],
                lesson: 'butt',
            );
        }
        $wait = Finish::wait(Cure::End, Part::Close);
        if (null !== $this->finding) {
            $bench->write('closed', [...$acts, $wait], ['trimmed', 'binding']);

            return;
        }
        $bench->write('closed', [...$acts, $wait, new Act(
            Does::Unpin,
            Part::Close,
            new Message('trim-lump'),
            marks: [Landmark::of('join')],
            tools: [Tool::Scissors],
            lesson: 'whip',
        )], ['trimmed']);
        $bench->write('binding', [], ['closed']);
    }

    /**
     * @param list<Outlet> $outlets
     *
     * @return list<Act>
     */
    private static function trimmed(array $outlets): array
    {
        return array_map(static fn (Outlet $at): Act => new Act(
            Does::Trim,
            Part::Close,
            new Message(
                'trim-legs',
                ['count' => \count($at->tails()), 'side' => $at->side(), 'role' => $at->role() ?? 'rope'],
            ),
            role: $at->role(),
            marks: [$at->edge],
            sizes: ['leaves' => Length::zero()],
            ends: $at->tails(),
            tools: [Tool::Tape, Tool::Scissors],
        ), $outlets);
    }
}
