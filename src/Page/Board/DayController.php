<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Board;

use Rinkel\App\Board\Days;
use Rinkel\App\Board\KeptDays;
use Rinkel\App\Board\StoredDay;
use Rinkel\App\Kept\Rows;
use Rinkel\App\Making\Makings;
use Rinkel\App\Platform\LooseData;
use Rinkel\App\Table\BenchCalendar;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * A day at the bench: pieces are chosen, some begin when their maker likes, and the order is told in which all of them
 * are done earliest.
 *
 * @phpstan-import-type Planned from StoredDay
 */
final class DayController extends AbstractController
{
    public function __construct(private readonly Days $days) {}

    /**
     * The work by days: what is due first is done first, and what will be late is in sight.
     */
    #[Route('/bench', 'bench', methods: 'GET')]
    public function bench(BenchCalendar $calendar): Response
    {
        return $this->render('board/bench.html.twig', ['days' => $calendar->now()]);
    }

    /**
     * Has a line of work begun on a day, and not before.
     */
    #[Route('/bench', 'bench_from', methods: 'POST')]
    public function from(Request $request, Makings $makings): Response
    {
        $form = LooseData::form($request);
        $from = $form->raw('from');
        foreach ('' === $from || Rows::isDay($from) ? $makings->these($form->ids('m')) : [] as $making) {
            $makings->begin($making, $from);
            $makings->keep($making);
        }

        return $this->redirectToRoute('bench', [], Response::HTTP_SEE_OTHER);
    }

    /**
     * Shows a day as it was planned, or with the pieces that are asked for.
     */
    #[Route('/day', 'day', methods: 'GET')]
    public function show(Request $request): Response
    {
        $query = LooseData::query($request);
        $day = $this->day($query);
        $planned = $this->days->planned($day);
        $begin = $query->like('begin', KeptDays::CLOCK);
        $asked = ('' === $begin ? [] : ['begin' => $begin])
            + ($query->has('p') ? ['pieces' => $this->days->uids($query->ids('p'))] : []);

        return $this->page($day, KeptDays::planned($asked + $planned));
    }

    /**
     * Keeps a day with every change.
     */
    #[Route('/day', 'day_keep', methods: 'POST')]
    public function keep(Request $request): Response
    {
        $form = LooseData::form($request);
        $day = $this->day($form);
        $this->days->keep($day, KeptDays::planned([
            'begin' => $form->like('begin', KeptDays::CLOCK, $this->days->planned($day)['begin']),
            'pieces' => $this->days->uids($form->ids('p')),
            'pins' => $this->pins($form),
        ]));

        return $this->redirectToRoute('day', ['day' => $day], Response::HTTP_SEE_OTHER);
    }

    /**
     * A stretch stays where it was put; so does one whose time is written again.
     *
     * @return list<array{piece: string, left: int, at: string}>
     */
    private function pins(LooseData $form): array
    {
        $pins = [];
        foreach ($form->ids('p') as $id) {
            [$at, $was, $fixed] = array_map(
                static fn (string $name): LooseData => $form->within($name)->within((string) $id),
                ['at', 'was', 'fixed'],
            );
            foreach (array_keys($at->typed(5)) as $left) {
                $time = $at->like((string) $left, KeptDays::CLOCK);
                $isPinned = $fixed->has((string) $left) || $time !== $was->raw((string) $left);
                if ('' !== $time && $isPinned && $left >= 1 && $left <= 1000) {
                    $pins[] = ['piece' => $this->days->uids([$id])[0] ?? '', 'left' => (int) $left, 'at' => $time];
                }
            }
        }

        return array_values(array_filter($pins, static fn (array $pin): bool => '' !== $pin['piece']));
    }

    private function day(LooseData $asked): string
    {
        return Rows::isDay($asked->raw('day')) ? $asked->raw('day') : $this->days->today();
    }

    /**
     * @param Planned $planned
     */
    private function page(string $day, array $planned): Response
    {
        $on = new \DateTimeImmutable($day.' 12:00', new \DateTimeZone('UTC'));

        return $this->render('board/day.html.twig', [
            'pieces' => $this->days->pieces(),
            'on' => $on,
            'dates' => array_map(
                static fn (int $by): string => $on->modify($by.' days')->format('Y-m-d'),
                ['before' => -1, 'this' => 0, 'after' => 1],
            ),
            'today' => $this->days->today(),
            'day' => $this->days->of($day, $planned),
            'begin' => $planned['begin'],
        ]);
    }
}
