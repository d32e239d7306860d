<?php

declare(strict_types=1);

namespace Rinkel\App\Stock;

use Rinkel\App\Money\Price;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Piece\StockReader;
use Rinkel\Core\Stock\Item;
use Rinkel\Core\Stock\Kind;
use Rinkel\Core\Stock\StockCord;

/**
 * Reads one thing in stock whole: what it is, and what its maker noted of it: price, place, supplier.
 */
final readonly class ItemReader
{
    /** What every thing has. */
    private const NOTES = ['name', 'price', 'place', 'supplier'];

    /** What a kind has besides. */
    private const FIELDS = [
        'cord' => ['fibre', 'thickness', 'width', 'colour', 'spools', 'offcuts', 'low'],
        'bead' => [
            'shape', 'size', 'diameter', 'length', 'hole', 'colour', 'material', 'finish', 'letters', 'glass', 'count',
            'low',
        ],
        'finding' => ['kind', 'length', 'width', 'inside', 'form', 'nickel', 'count', 'low'],
        'glue' => ['cure', 'instant', 'bears', 'count', 'low'],
    ];

    /** Those that are lists. */
    public const LISTS = ['spools', 'offcuts', 'bears'];

    private const LONGEST = 200;

    public function __construct(private StockReader $reader) {}

    /**
     * @return list<string> names of what can be said of a kind, in the order in which it is said
     */
    public static function fields(Kind $kind): array
    {
        return ['name', ...self::FIELDS[$kind->value], 'price', 'place', 'supplier'];
    }

    /**
     * Returns what is listed in a text, with commas or semicolons between. A decimal comma is none: "12,5 cm, 30 cm".
     *
     * @return list<string>
     */
    public static function listed(string $text): array
    {
        return array_values(array_filter(
            array_map(trim(...), preg_split('/[;\n]|,(?!\d)/', $text) ?: []),
            static fn (string $one): bool => '' !== $one,
        ));
    }

    /**
     * @param array<mixed> $document what is empty counts as not said
     * @param Unit         $bare     of a length without a unit
     *
     * @throws PieceUnreadable If anything of it cannot be read
     */
    public function read(Kind $kind, array $document, string $id, Unit $bare = Unit::Centimetre): StockEntry
    {
        $said = array_filter(
            array_intersect_key($document, array_flip(self::fields($kind))),
            static fn (mixed $value): bool => !\in_array($value, ['', null, [], false], true),
        );
        $faults = [];
        $item = null;
        try {
            $item = $this->reader->item($kind, $said, $id, $bare);
        } catch (PieceUnreadable $unreadable) {
            $faults = $unreadable->faults;
        }
        $price = null;
        foreach (array_intersect(self::NOTES, array_keys($said)) as $note) {
            $text = $said[$note];
            if (!\is_string($text) || mb_strlen($text) > self::LONGEST) {
                $faults[] = new Fault($note, new Message('text-too-long', ['most' => self::LONGEST]));
                continue;
            }
            $said[$note] = trim(mb_scrub($text));
            try {
                $price = 'price' === $note ? Price::parse($text, Kind::Cord === $kind) : $price;
            } catch (PieceUnreadable $unreadable) {
                $faults = [...$faults, ...$unreadable->faults];
            }
        }
        if ([] !== $faults || null === $item) {
            throw PieceUnreadable::because([] === $faults ? [new Fault('name', new Message('text-wanted'))] : $faults);
        }

        return new StockEntry($item, $price, self::kept($said, $item, $price));
    }

    /**
     * Returns a document as it is kept: lengths as exact texts, so that they mean the same in every unit.
     *
     * @param array<mixed> $said
     *
     * @return array<string, mixed>
     */
    private static function kept(array $said, Item $item, ?Price $price): array
    {
        if (null !== $price) {
            $said['price'] = (string) $price;
        }
        foreach (['count', 'low'] as $number) {
            if (\is_string($said[$number] ?? null) && 1 === preg_match('/^\s*\d+\s*$/D', $said[$number])) {
                $said[$number] = (int) $said[$number];
            }
        }
        foreach (['glass', 'nickel', 'instant'] as $yes) {
            if (isset($said[$yes])) {
                $said[$yes] = true;
            }
        }
        if ($item instanceof StockCord) {
            [$offcuts, $spools] = [[], []];
            foreach ($item->supplies as $supply) {
                $length = $supply->length?->__toString() ?? '?';
                $supply->isSpool ? $spools[] = $length : $offcuts[] = $length;
            }
            $said = ['offcuts' => $offcuts, 'spools' => $spools, 'low' => $item->low?->__toString()] + $said;
        }
        $kept = [];
        foreach ($said as $name => $value) {
            $kept += null === $value ? [] : [(string) $name => $value];
        }

        return $kept;
    }
}
