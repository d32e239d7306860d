<?php

declare(strict_types=1);

namespace Rinkel\App\Table;

use Psr\Clock\ClockInterface;
use Rinkel\App\Board\Boards;
use Rinkel\App\Board\Paces;
use Rinkel\App\Making\MakingPlans;
use Rinkel\App\Making\MakingState;
use Rinkel\App\Platform\Wording\Times;
use Rinkel\App\Settings\Custom;
use Rinkel\App\Settings\Preferences;
use Rinkel\Core\Making\Calendar;
use Rinkel\Core\Making\Pace;
use Rinkel\Core\Piece\Exception\PieceUnreadable;

/**
 * The work spread over the days that there are until it is due.
 */
final readonly class BenchCalendar
{
    /** Minutes of hands on a usual day, where their maker does not say (judgement). */
    private const USUAL = 120;

    /** More lines than these are not planned one by one. */
    private const MOST = 80;

    public function __construct(
        private WorkList $work,
        private MakingPlans $plans,
        private Boards $boards,
        private Paces $paces,
        private Preferences $preferences,
        private ClockInterface $clock,
        private Times $times,
    ) {}

    public function now(): BenchDays
    {
        $today = $this->times->today($this->clock->now());
        [$lines, $works, $pace] = [[], [], $this->paces->pace()];
        foreach ($this->work->lines(self::MOST)[0] as $line) {
            if ($line->state()->isBefore(MakingState::Made)) {
                try {
                    $works[] = [$this->due($line, $today), $this->minutes($line, $pace), $this->from($line, $today)];
                    $lines[] = $line;
                } catch (PieceUnreadable) {
                    // Its own page says what is wrong with it.
                }
            }
        }
        $said = $this->preferences->custom(Custom::Bench);
        $perDay = '' === $said ? self::USUAL : (int) round((float) $said);

        return new BenchDays($lines, $works, Calendar::of($works, $perDay), $perDay, $today);
    }

    private function due(WorkLine $line, \DateTimeImmutable $today): ?int
    {
        $due = $line->order()?->dueAt();

        return null === $due ? null : (int) round(($due->getTimestamp() - $today->getTimestamp()) / 86_400);
    }

    private function from(WorkLine $line, \DateTimeImmutable $today): int
    {
        $from = $line->from();

        return '' === $from ? 0 : max(0, (int) round((
            (new \DateTimeImmutable($from.' 12:00', new \DateTimeZone('UTC')))->getTimestamp() - $today->getTimestamp()
        ) / 86_400));
    }

    /**
     * @throws PieceUnreadable
     */
    private function minutes(WorkLine $line, Pace $pace): int
    {
        $making = $line->first;
        $plan = null === $line->board ? $this->plans->plan($making) : $this->boards->plan($line->board);
        $chain = $pace->chain($plan->acts(), $line->board?->moves() ?? (
            null === $making->at(MakingState::Cut) ? 0 : $plan->acts()->cutting()
        ));

        return (int) ceil(array_sum(array_column($chain, 0))) * $line->count();
    }
}
