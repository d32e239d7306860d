<?php

declare(strict_types=1);

namespace Rinkel\App\Table;

use Psr\Clock\ClockInterface;
use Rinkel\App\Making\MakingState;
use Rinkel\App\Orders\Orders;
use Rinkel\App\Platform\Files\ICalendar;
use Symfony\Component\Routing\Generator\UrlGeneratorInterface;
use Symfony\Contracts\Translation\TranslatorInterface;

/**
 * The days of the work for a maker's own calendar: what is due, what is to be begun, and when what was glued is dry.
 */
final readonly class WorkCalendar
{
    /** So much work is looked through. */
    private const MOST = 200;

    public function __construct(
        private Orders $orders,
        private WorkList $work,
        private ClockInterface $clock,
        private UrlGeneratorInterface $pages,
        private TranslatorInterface $translator,
    ) {}

    public function text(): string
    {
        $calendar = new ICalendar($this->clock->now());
        foreach ($this->orders->open() as $order) {
            $due = $order->dueAt();
            if (null !== $due) {
                $name = '' === $order->text('name') ? $order->text('for') : $order->text('name');
                $calendar->day(
                    'due-'.$order->uid(),
                    $due,
                    $this->said('due', $name),
                    $this->page('order', $order->id()),
                );
            }
        }
        foreach ($this->work->lines(self::MOST)[0] as $line) {
            $this->line($calendar, $line);
        }

        return $calendar->text();
    }

    private function line(ICalendar $calendar, WorkLine $line): void
    {
        $making = $line->first;
        $page = $this->page('making', $making->id());
        if ('' !== $line->from() && $line->state()->isBefore(MakingState::OnBoard)) {
            $from = new \DateTimeImmutable($line->from());
            $calendar->day('begin-'.$making->uid(), $from, $this->said('begin', $making->name()), $page);
        }
        if (null !== $line->dries) {
            $dry = new \DateTimeImmutable('@'.$line->dries);
            $calendar->moment('dry-'.$making->uid(), $dry, $this->said('dry', $making->name()), $page);
        }
    }

    private function said(string $what, string $name): string
    {
        return $this->translator->trans('calendar.'.$what, ['name' => $name]);
    }

    private function page(string $route, int $id): string
    {
        return $this->pages->generate($route, ['id' => $id], UrlGeneratorInterface::ABSOLUTE_URL);
    }
}
