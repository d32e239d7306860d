<?php

declare(strict_types=1);

namespace Rinkel\App\Sizes;

use Rinkel\App\Cutting\ChosenPieces;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\App\Platform\LooseData;
use Rinkel\App\Price\Cost;
use Rinkel\App\Price\Costing;
use Rinkel\App\Stock\StockBox;
use Rinkel\Core\Cutting\Cutting;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Piece;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Piece\PieceWriter;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Stock\Counted;
use Rinkel\Core\Stock\StockCord;
use Symfony\Component\HttpFoundation\ParameterBag;

/**
 * Moves a design to other materials, from stock or as they are typed, without changing it: to be seen beside it.
 */
final readonly class MaterialSwapper
{
    /** What can be typed of a material, in the order of the page. */
    public const FIELDS = [
        'cords' => ['fibre', 'thickness', 'colour'],
        'beads' => ['shape', 'diameter', 'hole', 'colour', 'material'],
        'findings' => ['length', 'width', 'inside'],
    ];

    public function __construct(
        private Pieces $pieces,
        private Planner $planner,
        private StockBox $stock,
        private PieceReader $reader,
        private PieceWriter $writer,
        private Costing $costing,
    ) {}

    /**
     * @param ParameterBag $sent from[cords.core], an item in stock, and f[cords.core.fibre], what is typed over it
     *
     * @throws PieceUnreadable If the design itself cannot be planned
     */
    public function of(StoredPiece $stored, ParameterBag $sent): MaterialSwap
    {
        $wish = $this->pieces->piece($stored);
        $now = $this->planner->plan($wish);
        $piece = $now->draft->piece;
        $design = $wish->decidedAs($piece, ['cords', 'beads', 'findings', 'pattern', 'closure']);
        $document = $this->writer->write($design);
        [$from, $typed] = [self::typed($sent, 'from'), self::typed($sent, 'f')];
        $set = $this->set($piece, $from, $typed);
        [$then, $faults] = [null, []];
        try {
            $then = [] === $set ? null : $this->planner->plan($this->reader->read(self::with($document, $set)));
        } catch (PieceUnreadable $unreadable) {
            $faults = $unreadable->byPath();
        }

        return new MaterialSwap(
            $now,
            $then,
            $this->cost($stored, $now),
            null === $then ? null : $this->cost($stored, $then),
            $set,
            array_combine(
                array_map(static fn (string $path): string => 'from.'.$path, array_keys($from)),
                $from,
            ) + $typed,
            $faults,
        );
    }

    private function cost(StoredPiece $stored, Plan $plan): Cost
    {
        return $this->costing->of(new ChosenPieces([[$stored, $plan, 1, null]]), Cutting::of([], []));
    }

    /**
     * Returns what is otherwise: what lies in stock, and what is typed over that.
     *
     * @param array<string, string> $from  things in stock, by place
     * @param array<string, string> $typed by field
     *
     * @return array<string, string> by field
     */
    private function set(Piece $piece, array $from, array $typed): array
    {
        $set = [];
        foreach (['cords' => $piece->cords, 'beads' => $piece->beads, 'findings' => $piece->findings] as $of => $all) {
            foreach (array_keys($all) as $name) {
                $path = $of.'.'.$name;
                $fields = $this->fromStock($from[$path] ?? '');
                foreach (self::FIELDS[$of] as $field) {
                    $text = $typed[$path.'.'.$field] ?? '';
                    $fields = '' === $text ? $fields : [$field => $text] + $fields;
                }
                foreach ($fields as $field => $text) {
                    $set[$path.'.'.$field] = $text;
                }
            }
        }

        return $set;
    }

    /**
     * @param array<string, mixed>  $document
     * @param array<string, string> $set
     *
     * @return array<string, mixed> the document with it
     */
    private static function with(array $document, array $set): array
    {
        foreach ($set as $path => $text) {
            [$of, $name, $field] = explode('.', $path, 3) + ['', '', ''];
            $entries = \is_array($document[$of] ?? null) ? $document[$of] : [];
            $entry = \is_array($entries[$name] ?? null) ? $entries[$name] : [];
            $document[$of] = array_replace($entries, [$name => array_replace($entry, [$field => $text])]);
        }

        return $document;
    }

    /**
     * @return array<string, string> fields of what is in stock; what is left empty is as usual with it
     */
    private function fromStock(string $id): array
    {
        $item = 1 === preg_match('/^\d{1,18}$/D', $id) ? $this->stock->item((int) $id) : null;
        $what = match (true) {
            $item instanceof StockCord => $item->cord,
            $item instanceof Counted => $item->what,
            default => null,
        };
        if (null === $what) {
            return [];
        }
        $fields = [];
        foreach (PieceWriter::material($what) as $field => $value) {
            if (\is_string($value) && !\in_array($field, ['letters', 'kind'], true)) {
                $fields[$field] = $value;
            }
        }

        return $fields;
    }

    /**
     * @return array<string, string>
     */
    private static function typed(ParameterBag $sent, string $list): array
    {
        return array_filter(
            LooseData::of($sent->all())->within($list)->typed(60),
            static fn (string $text): bool => '' !== $text,
        );
    }
}
