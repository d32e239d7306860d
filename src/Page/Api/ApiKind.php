<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Api;

/**
 * What other programs can ask for, each as it stands in an archive; what is worked out of it, nobody writes.
 */
enum ApiKind: string
{
    case Pieces = 'pieces';
    case Knots = 'knots';
    case People = 'people';
    case Samples = 'samples';
    case Stock = 'stock';
    case Orders = 'orders';
    case Makings = 'makings';
    case Boards = 'boards';
    case Days = 'days';
    case Log = 'log';

    /**
     * Returns the word of what is kept.
     */
    public function word(): string
    {
        return match ($this) {
            self::Pieces => 'piece',
            self::Knots => 'knot',
            self::People => 'person',
            self::Samples => 'sample',
            self::Stock => 'stock',
            self::Orders => 'order',
            self::Makings => 'making',
            self::Boards => 'board',
            self::Days => 'day',
            self::Log => 'finished',
        };
    }

    public function isWritten(): bool
    {
        return \in_array(
            $this,
            [self::Pieces, self::Knots, self::People, self::Samples, self::Stock, self::Orders],
            true,
        );
    }

    /**
     * Returns what is said of a new one when nothing is, by $now.
     *
     * @return array<string, mixed>
     */
    public function usual(string $now): array
    {
        return match ($this) {
            self::Pieces => ['changed' => $now, 'putAway' => false, 'state' => 0, 'states' => []],
            self::People => ['putAway' => false, 'measures' => []],
            self::Samples => ['taken' => $now],
            self::Orders => ['asked' => $now, 'closed' => false],
            default => [],
        };
    }

    /**
     * Returns what of a row is said to others: of a piece not what it was before.
     *
     * @param array<string, mixed> $row
     *
     * @return array<string, mixed>
     */
    public function shown(array $row): array
    {
        return self::Pieces === $this ? array_diff_key($row, array_flip(['state', 'states', 'seen', 'unread'])) : $row;
    }
}
