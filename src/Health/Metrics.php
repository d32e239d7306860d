<?php

declare(strict_types=1);

namespace Rinkel\App\Health;

use Psr\Clock\ClockInterface;
use Rinkel\App\Backup\Backups;
use Rinkel\App\Kept\Everything;

/**
 * Figures of a running Rinkel in the OpenMetrics text format, for whatever collects and draws them.
 */
final readonly class Metrics
{
    public const TYPE = 'application/openmetrics-text; version=1.0.0; charset=utf-8';

    public function __construct(
        private Health $health,
        private Everything $everything,
        private Backups $backups,
        private ClockInterface $clock,
    ) {}

    public function text(): string
    {
        $lines = ['# TYPE rinkel_healthy gauge', '# HELP rinkel_healthy Whether each part is fine: 1, else 0.'];
        foreach ($this->health->look() as $finding) {
            $lines[] = \sprintf('rinkel_healthy{part="%s"} %d', $finding->what, $finding->isFine ? 1 : 0);
        }
        $lines = [...$lines, '# TYPE rinkel_things gauge', '# HELP rinkel_things How many of each kind are kept.'];
        foreach ($this->everything->all() as $word => $kind) {
            $lines[] = \sprintf(
                'rinkel_things{kind="%s"} %d',
                $word,
                iterator_count((static fn () => yield from $kind->uids())()),
            );
        }
        $size = $this->backups->size();
        $last = $this->backups->last();
        foreach ([
            ['database_bytes', 'Size of the database file.', $size],
            ['disk_free_bytes', 'Room beside it.', $this->backups->room()],
            [
                'backup_age_seconds',
                'Age of the last automatic backup.',
                null === $last ? false : $this->clock->now()->getTimestamp() - $last,
            ],
        ] as [$name, $help, $value]) {
            if (false !== $value) {
                $lines = [
                    ...$lines,
                    '# TYPE rinkel_'.$name.' gauge',
                    '# HELP rinkel_'.$name.' '.$help,
                    \sprintf('rinkel_%s %.0F', $name, $value),
                ];
            }
        }

        return implode("\n", [...$lines, '# EOF'])."\n";
    }
}
