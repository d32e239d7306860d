<?php

declare(strict_types=1);

namespace Rinkel\App\Table;

use Psr\Log\LoggerInterface;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\App\Samples\Samples;
use Rinkel\App\Svg\DrawingFile;
use Rinkel\App\Svg\PagePictures;
use Rinkel\Core\Failure;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Plan\Planner;

/**
 * What the Table shows of a piece. One that cannot be read, planned or drawn costs its own row only.
 */
final readonly class TableRows
{
    public function __construct(
        private Pieces $pieces,
        private Planner $planner,
        private DrawingFile $files,
        private PagePictures $pictures,
        private LoggerInterface $logger,
        private Samples $samples,
        private PieceMemory $memory,
    ) {}

    /**
     * Returns the small drawing of a piece as SVG.
     *
     * @throws Failure If it cannot be read or planned
     */
    public function drawing(StoredPiece $stored): string
    {
        return $this->pictures->small($this->planner->plan($this->pieces->piece($stored)), $stored->id());
    }

    public function of(StoredPiece $stored): TableRow
    {
        return $this->all([$stored])[0] ?? throw new \LogicException('One piece is one row.');
    }

    /**
     * @param list<StoredPiece> $stored
     *
     * @return list<TableRow>
     */
    public function all(array $stored): array
    {
        $hand = $this->samples->mark();

        return array_map(fn (StoredPiece $one): TableRow => $this->row($one, $hand), $stored);
    }

    private function row(StoredPiece $stored, string $hand): TableRow
    {
        $name = $stored->document()['name'] ?? null;
        $name = \is_string($name) ? mb_scrub($name) : '#'.$stored->id();
        try {
            $summary = $this->memory->of(
                PieceSummary::class,
                $stored,
                fn (): PieceSummary => new PieceSummary($this->planner->plan($this->pieces->piece($stored))),
                $hand,
            );

            return new TableRow(
                $stored,
                $summary->name,
                $summary,
                $this->files->version(PieceMemory::mark($stored).$hand),
            );
        } catch (PieceUnreadable $unreadable) {
            return new TableRow($stored, $name, null, '', $unreadable->faults);
        } catch (\Throwable $bug) {
            $this->logger->critical(
                'A piece cannot be shown on the Table.',
                ['piece' => $stored->id(), 'exception' => $bug],
            );

            return new TableRow($stored, $name, null, '');
        }
    }
}
