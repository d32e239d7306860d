<?php

declare(strict_types=1);

namespace Rinkel\App\Table;

use Doctrine\ORM\EntityManagerInterface;
use Rinkel\App\Document\DesignsFile;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\App\Svg\PagePictures;
use Rinkel\Core\Failure;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Plan\Planner;

/**
 * Designs of other makers: pieces that say whose they are, as they lie on the Table.
 */
final readonly class OthersDesigns
{
    /** What is chosen anew for each wearer. */
    private const FITTED = ['name' => 0, 'unit' => 0, 'wearer' => 0, 'ease' => 0, 'length' => 0, 'instantGlue' => 0];

    private const NAME = '/^of-([0-9]{1,18})$/D';

    public function __construct(
        private EntityManagerInterface $manager,
        private Pieces $pieces,
        private Planner $planner,
        private PagePictures $pictures,
        private PieceMemory $memory,
        private DesignsFile $designs,
    ) {}

    /**
     * Returns the design that one of them is; null where there is none called so.
     */
    public function design(string $name): ?PieceSpec
    {
        $stored = 1 === preg_match(self::NAME, $name, $id) ? $this->pieces->find((int) $id[1]) : null;
        try {
            $piece = null === $stored || null !== $stored->discardedAt() ? null : $this->pieces->piece($stored);
        } catch (Failure) {
            return null; // its own page says what is wrong with it
        }

        return null === $piece?->workmanship->credit ? null : $piece;
    }

    /**
     * Returns those on the Table, the same design once, however often it was made.
     *
     * @return array{around: array<string, Design>, neck: array<string, Design>}
     */
    public function all(): array
    {
        $shelf = ['around' => [], 'neck' => []];
        foreach ($this->first() as $name => [$stored, $piece]) {
            try {
                $design = $this->shown($stored, $piece, $name);
            } catch (Failure) {
                continue; // its own page says what is wrong with it
            }
            $shelf[BodyPlace::Neck === $piece->wearing->wearer->place ? 'neck' : 'around'][$name] = $design;
        }

        return $shelf;
    }

    /**
     * @return array<string, array{StoredPiece, PieceSpec}> each design as it was laid here first
     */
    private function first(): array
    {
        $first = [];
        $seen = [];
        foreach ($this->credited() as $stored) {
            $name = 'of-'.$stored->id();
            $piece = $this->design($name);
            $key = null === $piece ? '' : serialize(array_diff_key($this->designs->design($piece), self::FITTED));
            if (null !== $piece && !isset($seen[$key])) {
                $first[$name] = [$stored, $piece];
            }
            $seen[$key] = true;
        }

        return $first;
    }

    private function shown(StoredPiece $stored, PieceSpec $piece, string $name): Design
    {
        return $this->memory->of(Design::class, $stored, function () use ($piece, $name): Design {
            $plan = $this->planner->plan($piece);

            return Design::of($plan, $this->pictures->sample($plan, 'shelf-'.$name), $piece->workmanship->credit);
        });
    }

    /**
     * @return list<StoredPiece> that say whose design they are, in the order in which they were laid here
     */
    private function credited(): array
    {
        $connection = $this->manager->getConnection();
        $ids = $connection->fetchFirstColumn(
            'SELECT id FROM piece WHERE CAST(document AS TEXT) LIKE ? AND archived_at IS NULL AND discarded_at IS NULL'
            .' ORDER BY id LIMIT '.DesignsFile::MOST,
            ['%"credit":%'],
        );

        return $this->manager->getRepository(StoredPiece::class)->findBy(['id' => $ids], ['id' => 'ASC']);
    }
}
