<?php

declare(strict_types=1);

namespace Rinkel\Core\Piece;

use Rinkel\Core\Cutting\StockCord;
use Rinkel\Core\Cutting\Supply;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Internal\Fields;
use Rinkel\Core\Piece\Internal\MaterialReader;
use Rinkel\Core\Said;

/**
 * Reads cords in stock in the open format (docs/stock.schema.json): the door at which every bound is checked.
 */
final readonly class StockReader
{
    public const FORMAT = 'rinkel-stock';
    public const VERSION = 1;

    /** A spool has less than so much, an offcut than so much, in mm. */
    private const SPOOL = 1_000_000.0;
    private const OFFCUT = 50_000.0;
    private const MOST = 60;

    /**
     * @param array<mixed> $document of one kind of cord
     *
     * @throws PieceUnreadable If anything is of the wrong kind or out of its range
     */
    public function cord(array $document, string $id, Unit $bare = Unit::Centimetre): StockCord
    {
        $fields = new Fields(['cord' => $document] + $document);
        $cord = (new MaterialReader($fields))->cord('cord');
        $supplies = [];
        foreach (['offcuts' => self::OFFCUT, 'spools' => self::SPOOL] as $of => $most) {
            $all = $document[$of] ?? [];
            if (!\is_array($all) || \count($all) > self::MOST) {
                $fields->fault($of, new Said('too-many-names', ['most' => self::MOST]));
                continue;
            }
            foreach (array_values($all) as $i => $text) {
                $about = 'spools' === $of && '?' === $text;
                $length = $about ? null : $fields->length(
                    $of.'.'.$i,
                    $bare,
                    Length::ofMillimetres(1),
                    Length::ofMillimetres($most),
                );
                if ($about || null !== $length) {
                    $supplies[] = 'spools' === $of
                        ? Supply::spool($id.'-s'.$i, $length)
                        : Supply::offcut($id.'-o'.$i, $length ?? Length::zero());
                }
            }
        }
        $faults = $fields->faults();
        if ([] !== $faults || null === $cord) {
            throw PieceUnreadable::because([] === $faults ? [new Fault('cord', new Said('text-wanted'))] : $faults);
        }

        return new StockCord($id, $cord->cord, $supplies);
    }
}
