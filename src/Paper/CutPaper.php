<?php

declare(strict_types=1);

namespace Rinkel\App\Paper;

use Rinkel\App\Buying\Wanted;
use Rinkel\App\Cutting\ChosenPieces;
use Rinkel\App\Stock\StockBox;
use Rinkel\App\Stock\StockRow;
use Rinkel\Core\Cutting\CutSheet;
use Rinkel\Core\Cutting\Cutting;
use Rinkel\Core\Cutting\Demand;
use Rinkel\Core\Cutting\SupplyCuts;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Piece\PieceWriter;

/**
 * What goes along to the cutting table and to the shop: the cut sheet, a label for each cord, the shopping list.
 */
final readonly class CutPaper
{
    /** A label, in mm. */
    private const LABEL = [58.0, 27.0];

    public function __construct(
        private Words $words,
        private StockBox $stock,
        private PieceWriter $writer,
    ) {}

    public function sheet(ChosenPieces $chosen, Cutting $cutting, Unit $unit): string
    {
        $page = $this->words->page($this->words->of('cutting.title'));
        $page->title($this->words->of('cutting.title'), $chosen->names());
        $where = $this->where($cutting);
        foreach ($cutting->sheets as [$cord, , $sheet]) {
            $page->heading($this->words->wording->material($cord, $unit), $cord->colour);
            if (isset($where[$cord->materialKey()])) {
                $page->text9($where[$cord->materialKey()]);
            }
            foreach ($sheet->taken as $taken) {
                $this->taken($page, $taken, self::longest($sheet), $unit);
            }
            if ([] !== $sheet->unserved) {
                $page->text9($this->words->of('cutting.buy', [
                    'count' => \count($sheet->unserved),
                    'length' => $this->words->length($sheet->lacking(), $unit),
                ]), true);
                foreach ($sheet->unserved as $demand) {
                    $page->tick(
                        $this->label($demand),
                        $this->words->toCut($demand->wished, $unit),
                        $this->mark($demand, $unit),
                    );
                }
            }
        }
        $this->words->takeOut($page, $chosen->needs());
        $page->attach(...array_map(
            fn (array $kind): array => $this->writer->write($kind[1]->draft->piece->decided()),
            $chosen->kinds(),
        ));

        return $page->pdf();
    }

    /**
     * Returns a label for each cord: to be cut out and folded around it.
     */
    public function labels(ChosenPieces $chosen, Cutting $cutting, Unit $unit): string
    {
        $page = $this->words->page($this->words->of('paper.labels'));
        $page->title($this->words->of('paper.labels'), $chosen->names());
        [$width, $height] = self::LABEL;
        [$column, $where, $named] = [0, $this->where($cutting), $chosen->named()];
        foreach (self::demands($cutting) as [$demand, $length]) {
            if (0 === $column) {
                $page->need($height);
            }
            $page->label($column * ($width + 2), $width, $height, [
                $this->words->toCut($length, $unit),
                $demand->piece.(true === ($named[$demand->piece][2] ?? null)?->order()?->isKit()
                    ? '. '.$this->words->of('kit.any-hand') : ''),
                $this->role($demand),
                $this->mark($demand, $unit),
                $where[$demand->cut?->cord->materialKey() ?? ''] ?? '',
            ]);
            $column = ($column + 1) % 3;
            if (0 === $column) {
                $page->setY($page->GetY() + $height + 2);
            }
        }

        return $page->pdf();
    }

    /**
     * @param array<string, list<Wanted>> $list by supplier
     */
    public function shopping(ChosenPieces $chosen, array $list, string $sum, Unit $unit): string
    {
        $page = $this->words->page($this->words->of('buying.title'));
        $page->title($this->words->of('buying.title'), $chosen->names());
        foreach ($list as $supplier => $all) {
            $page->heading('' === $supplier ? $this->words->of('buying.no-supplier') : (string) $supplier);
            foreach ($all as $one) {
                $name = $one->row?->stored->text('name') ?? '';
                $note = implode('; ', array_filter([
                    null === $one->packs ? '' : $this->words->of('buying.of-pack', [
                        'much' => $this->words->much($one->missing->much, $unit),
                        'left' => $this->words->much($one->packs->left($one->missing->much), $unit),
                    ]),
                    implode(', ', $one->names),
                    $this->words->letters($one->missing->letters),
                    null === $one->missing->longest ? '' : $this->words->of('buying.in-one', [
                        'length' => $this->words->length($one->missing->longest, $unit),
                    ]),
                ], static fn (string $text): bool => '' !== $text));
                $page->tick(
                    $this->words->wording->material($one->what, $unit).('' === $name ? '' : ', '.$name),
                    null === $one->packs
                        ? $this->words->much($one->missing->much, $unit)
                        : $one->packs->count.' × '.$one->row?->price?->pack(),
                    $note,
                    $this->words->colour($one->what),
                );
            }
        }
        $page->text9($this->words->of('buying.sum', ['money' => $sum]), true);

        return $page->pdf();
    }

    /**
     * @return array<string, string> what the stock calls each cord, and where it lies, by likeness
     */
    private function where(Cutting $cutting): array
    {
        return array_filter(array_map(
            static fn (StockRow $row): string => implode(', ', array_filter(
                [$row->stored->text('name'), $row->stored->text('place')],
                static fn (string $one): bool => '' !== $one,
            )),
            $this->stock->like(array_map(static fn (array $one): string => $one[0]->materialKey(), $cutting->sheets)),
        ), static fn (string $where): bool => '' !== $where);
    }

    private function taken(Page $page, SupplyCuts $taken, float $longest, Unit $unit): void
    {
        $there = $taken->supply->length;
        $page->need(16);
        $page->text9($this->words->of($taken->supply->isSpool ? 'cutting.from-spool' : 'cutting.from-offcut', [
            'length' => null === $there ? '?' : $this->words->wording->roomy($there, $unit),
            'known' => null === $there ? 'no' : 'yes',
        ]), true);
        $page->bar(
            array_map(static fn (array $cut): float => $cut[1]->millimetres, $taken->cuts),
            array_map(fn (array $cut): string => $this->words->toCut($cut[1], $unit), $taken->cuts),
            $longest,
        );
        foreach ($taken->cuts as [$demand, $length]) {
            $page->tick($this->label($demand), $this->words->toCut($length, $unit), $this->mark($demand, $unit));
        }
        if (null !== $taken->left) {
            $page->text9(
                $this->words->of(
                    'cutting.left',
                    ['length' => $this->words->wording->roomy($taken->left, $unit)],
                ),
            );
        }
    }

    private function label(Demand $demand): string
    {
        return $demand->piece.' · '.$this->role($demand);
    }

    private function role(Demand $demand): string
    {
        $cut = $demand->cut;

        return null === $cut ? '' : $this->words->wording->inside($this->words->wording->role($cut->role))
            .($cut->count > 1 ? ' '.$demand->number : '');
    }

    private function mark(Demand $demand, Unit $unit): string
    {
        return null === $demand->cut ? '' : $this->words->wording->foldOf($demand->cut, $unit);
    }

    private static function longest(CutSheet $sheet): float
    {
        return max([1.0, ...array_map(static fn (SupplyCuts $taken): float => $taken->sum()->millimetres, $sheet->taken)]);
    }

    /**
     * @return list<array{Demand, Length}>
     */
    private static function demands(Cutting $cutting): array
    {
        $demands = [];
        foreach ($cutting->sheets as [, , $sheet]) {
            foreach ($sheet->taken as $taken) {
                array_push($demands, ...$taken->cuts);
            }
            foreach ($sheet->unserved as $demand) {
                $demands[] = [$demand, $demand->wished];
            }
        }

        return $demands;
    }
}
