<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Rehearsal\Misstep;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Rehearsal\Attempt;
use Rinkel\Core\Rehearsal\Misstep;
use Rinkel\Core\Rehearsal\Moment;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Acts;
use Rinkel\Tests\Core\Examples;

/**
 * What comes of each slip, against what the piece without it and with it would be.
 */
abstract class MisstepCase extends TestCase
{
    /**
     * @param array<string, mixed> $changes
     */
    protected static function acts(array $changes): Acts
    {
        $document = array_filter(Examples::document($changes), static fn (mixed $value): bool => null !== $value);

        return (new Planner())->plan((new PieceReader())->read($document))->acts();
    }

    protected static function before(Acts $acts, ActKind $does, ?string $knot = null): int
    {
        foreach ($acts->all as $number => $act) {
            if ($does === $act->does && (null === $knot || $knot === $act->stint->knot)) {
                return $acts->before($number);
            }
        }

        self::fail('Nothing of that kind is done.');
    }

    protected static function moment(Acts $acts, int $moves): Moment
    {
        return Moment::after($acts, $moves) ?? self::fail('All is done.');
    }

    protected static function slip(Misstep $slip, Acts $acts, int $moves): Attempt
    {
        return $slip->at(self::moment($acts, $moves)) ?? self::fail('Nobody can go wrong so.');
    }
}
