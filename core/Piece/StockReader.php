<?php

declare(strict_types=1);

namespace Rinkel\Core\Piece;

use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\Glue;
use Rinkel\Core\Material\Strain;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Measure\Wait;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Internal\Fields;
use Rinkel\Core\Piece\Internal\MaterialReader;
use Rinkel\Core\Quoted;
use Rinkel\Core\Stock\Counted;
use Rinkel\Core\Stock\Item;
use Rinkel\Core\Stock\Kind;
use Rinkel\Core\Stock\StockCord;
use Rinkel\Core\Stock\StockGlue;
use Rinkel\Core\Stock\Supply;

/**
 * Reads what is in stock in the open format (docs/stock.schema.json): the door at which every bound is checked.
 *
 * @internal
 */
final readonly class StockReader
{
    public const FORMAT = 'rinkel-stock';
    public const VERSION = 2;

    /** A spool has less than so much, an offcut than so much, in mm. */
    private const SPOOL = 1_000_000.0;
    private const OFFCUT = 50_000.0;
    private const MOST = 60;

    /** Minutes that a glue is left alone where nobody said (from memory; its label comes first). */
    private const CURE = 1440;
    private const COUNT = 100_000;

    /** Under which all that is read stands while it is read. */
    private const ROOT = 'item';

    /**
     * @param array<mixed> $document of one kind of thing
     *
     * @throws PieceUnreadable If anything is of the wrong kind or out of its range
     */
    public function item(Kind $kind, array $document, string $id, Unit $bare = Unit::Centimetre): Item
    {
        // How many there are is called "stock" where it is said of a bead of a piece.
        $counted = Kind::Cord === $kind ? [] : ['stock' => $document['count'] ?? null];
        $fields = new Fields([self::ROOT => $counted + $document]);
        $item = match ($kind) {
            Kind::Cord => $this->readCord($fields, $document, $id, $bare),
            Kind::Bead => $this->bead($fields, $id),
            Kind::Finding => $this->finding($fields, $id),
            Kind::Glue => $this->glue($fields, $id),
        };
        if (null === $item) {
            throw PieceUnreadable::because(array_map(static function (Fault $fault): Fault {
                $path = substr($fault->path, \strlen(self::ROOT) + 1);

                return new Fault('stock' === $path ? 'count' : $path, $fault->said);
            }, $fields->faults()) ?: [new Fault(self::ROOT, new Message('text-wanted'))]);
        }

        return $item;
    }

    /**
     * @param array<mixed> $document of one kind of cord
     *
     * @throws PieceUnreadable If anything is of the wrong kind or out of its range
     */
    public function cord(array $document, string $id, Unit $bare = Unit::Centimetre): StockCord
    {
        $cord = $this->item(Kind::Cord, $document, $id, $bare);

        return $cord instanceof StockCord ? $cord : throw new \LogicException('A cord is read as one.');
    }

    /**
     * @param array<mixed> $document
     */
    private function readCord(Fields $fields, array $document, string $id, Unit $bare): ?StockCord
    {
        $cord = (new MaterialReader($fields))->cord(self::ROOT);
        $supplies = [];
        foreach (['offcuts' => self::OFFCUT, 'spools' => self::SPOOL] as $of => $most) {
            $all = $document[$of] ?? [];
            if (!\is_array($all) || \count($all) > self::MOST) {
                $fields->fault(self::ROOT.'.'.$of, new Message('too-many-names', ['most' => self::MOST]));
                continue;
            }
            foreach (array_values($all) as $i => $text) {
                $about = 'spools' === $of && '?' === $text;
                $length = $about ? null : $fields->length(
                    self::ROOT.'.'.$of.'.'.$i,
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
        $low = $fields->length(self::ROOT.'.low', $bare, Length::zero(), Length::ofMillimetres(self::SPOOL));

        return null === $cord || [] !== $fields->faults() ? null : new StockCord($id, $cord->cord, $supplies, $low);
    }

    private function bead(Fields $fields, string $id): ?Counted
    {
        $bead = (new MaterialReader($fields))->bead(self::ROOT);
        $low = $this->low($fields);

        return $bead instanceof Bead && [] === $fields->faults() ? Counted::beads($id, $bead, $low) : null;
    }

    private function finding(Fields $fields, string $id): ?Counted
    {
        $finding = (new MaterialReader($fields))->finding(self::ROOT);
        $low = $this->low($fields);

        return $finding instanceof Finding && [] === $fields->faults() ? Counted::findings($id, $finding, $low) : null;
    }

    private function glue(Fields $fields, string $id): ?StockGlue
    {
        $cure = $fields->parsed(self::ROOT.'.cure', Wait::parse(...), Wait::ofMinutes(self::CURE));
        $bears = [];
        foreach ($fields->names(self::ROOT.'.bears') as $i => $word) {
            $strain = Strain::tryFrom($word);
            if (null === $strain) {
                $fields->fault(self::ROOT.'.bears.'.$i, new Message('one-of', [
                    'known' => array_column(Strain::cases(), 'value'), 'found' => new Quoted($word),
                ]));
            } else {
                $bears[] = $strain;
            }
        }
        [$instant, $count] = [
            $fields->yes(self::ROOT.'.instant'),
            $fields->number(self::ROOT.'.stock', 0, self::COUNT),
        ];
        $low = $this->low($fields);

        return null !== $cure && [] === $fields->faults()
            ? new StockGlue($id, new Glue($cure, $instant, $bears), $count, $low)
            : null;
    }

    private function low(Fields $fields): ?int
    {
        return $fields->number(self::ROOT.'.low', 0, self::COUNT);
    }
}
