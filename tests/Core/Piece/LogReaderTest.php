<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Piece;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Piece\LogReader;

final class LogReaderTest extends TestCase
{
    private const ENTRY = [
        'name' => 'Pier', 'planned' => '150 mm', 'piece' => ['beads' => ['b' => [], 'c' => []]],
    ];

    public function testAnEntryIsRead(): void
    {
        $entry = (new LogReader())->read([
            'body' => '153 mm', 'kind' => 'square', 'knots' => 55, 'tied' => 56, 'minutes' => 80, 'for' => 'Ottoline',
            'cords' => [
                'core' => ['count' => 2, 'length' => '340 mm', 'left' => '34 mm'],
                'working' => ['count' => 1, 'length' => '2500 mm'],
            ],
            'cost' => ['materials' => '1.25', 'currency' => 'EUR'],
            'observations' => [
                ['kind' => 'square', 'cord' => 'hemp 1', 'pitch' => 0.02, 'pitchError' => 0.0, 'pushed' => false],
            ],
            'unmade' => ['moves' => 3, 'of' => 60],
        ] + self::ENTRY, 'abc');

        self::assertSame(
            ['Pier', 'Ottoline', 55, 56],
            [$entry->name, $entry->whom, $entry->outcome->knots, $entry->outcome->tied],
        );
        self::assertEqualsWithDelta(0.02, $entry->off(), 1e-9);
        self::assertEqualsWithDelta(0.1, $entry->left(), 1e-9, 'of what was measured');
        self::assertEqualsWithDelta(0.7, $entry->pace(), 1e-9, '56 knots in 80 minutes');
        self::assertSame(['b', 'c'], $entry->beads());
        self::assertSame(['moves' => 3, 'of' => 60], $entry->outcome->unmade);
        self::assertSame('log abc', $entry->observations[0]->piece);
        self::assertSame(1e-4, $entry->observations[0]->pitchError, 'no tape is read without error');
        self::assertFalse($entry->observations[0]->isPushed);
    }

    public function testWhatNobodyMeasuredStaysEmpty(): void
    {
        $entry = (new LogReader())->read(self::ENTRY);

        self::assertSame([null, null, null, null, null], [
            $entry->outcome->body, $entry->off(), $entry->left(), $entry->pace(), $entry->cost,
        ]);
    }

    /**
     * @param array<string, mixed> $change
     */
    #[DataProvider('provideFaults')]
    public function testWhatCannotBeIsToldByItsPlace(array $change, string $path): void
    {
        try {
            (new LogReader())->read($change + self::ENTRY);
            self::fail('It was read.');
        } catch (PieceUnreadable $unreadable) {
            self::assertContains(
                $path,
                array_map(static fn (Fault $fault): string => $fault->path, $unreadable->faults),
            );
        }
    }

    /**
     * @return iterable<string, array{array<string, mixed>, string}>
     */
    public static function provideFaults(): iterable
    {
        yield 'no name' => [['name' => ''], 'name'];
        yield 'nothing planned' => [['planned' => null], 'planned'];
        yield 'a power of ten' => [['body' => '1.0e-7 mm'], 'body'];
        yield 'below nothing' => [['planned' => '-5 mm'], 'planned'];
        yield 'as long as a street' => [['planned' => '1001 m'], 'planned'];
        yield 'more left than cut' => [
            ['cords' => ['core' => ['count' => 1, 'length' => '3 cm', 'left' => '4 cm']]],
            'cords.core.left',
        ];
        yield 'no cords' => [['cords' => ['core' => ['length' => '3 cm']]], 'cords.core'];
        yield 'a cord of no name' => [['cords' => ['A cord' => ['count' => 1, 'length' => '3 cm']]], 'cords.A cord'];
        yield 'a knot from nowhere' => [
            ['observations' => [['kind' => 'square', 'cord' => 'x', 'use' => 1e300]]],
            'observations.0.use',
        ];
        yield 'nobody errs so much' => [
            ['observations' => [['kind' => 'square', 'cord' => 'x', 'pitch' => 0.1, 'pitchError' => 10.01]]],
            'observations.0.pitchError',
        ];
        yield 'minutes of a year' => [['minutes' => 60_001], 'minutes'];
        yield 'no money' => [['cost' => ['materials' => 'dear', 'currency' => 'EUR']], 'cost'];
        yield 'no piece' => [['piece' => 'Pier'], 'piece'];
    }
}
