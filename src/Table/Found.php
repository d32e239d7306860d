<?php

declare(strict_types=1);

namespace Rinkel\App\Table;

use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\QueryBuilder;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\App\Platform\Database\Aside;
use Rinkel\Core\Construction\Offers;
use Symfony\Contracts\Translation\TranslatorInterface;

/**
 * Finds pieces by any word in them: of their name, their beads and findings, their cords' fibre, where they are worn,
 * and how they are made, as the page calls that.
 */
final readonly class Found
{
    public const PAGE = 24;

    /**
     * So long pieces that changed are looked at with one request, in seconds; so few however long it takes, and so many
     * at most.
     */
    private const LOOK = 0.15;
    private const AT_LEAST = 4;
    private const AT_ONCE = 400;

    /** So many pieces say what a maker makes. */
    private const LATEST = 300;

    public function __construct(
        private EntityManagerInterface $manager,
        private Offers $offers,
        private TranslatorInterface $translator,
        private TableRows $rows,
        private Aside $aside,
        private ColourWords $colours,
    ) {}

    /**
     * @return list<StoredPiece> those of the page that is asked for
     */
    public function pieces(TableRequest $asked): array
    {
        $query = $this->query($asked)->select('piece');
        match ($asked->sort) {
            'name' => $query->addSelect(
                "LOWER(SUBSTRING(piece.document, LOCATE('\"name\":\"', piece.document))) AS HIDDEN called",
            )->orderBy('called')->addOrderBy('piece.id'),
            // What is for nobody comes last.
            'whom' => $query->addSelect("CASE WHEN piece.whom = '' THEN 1 ELSE 0 END AS HIDDEN nobody")
                ->addSelect('LOWER(piece.whom) AS HIDDEN called')->orderBy('nobody')->addOrderBy('called')
                ->addOrderBy('piece.changedAt', 'DESC')->addOrderBy('piece.id', 'DESC'),
            default => $query->orderBy('piece.changedAt', 'DESC')->addOrderBy('piece.id', 'DESC'),
        };

        /** @var list<StoredPiece> */
        return $query->setFirstResult(self::PAGE * ($asked->page - 1))->setMaxResults(self::PAGE)->getQuery()
            ->getResult();
    }

    /**
     * Looks at pieces that changed since somebody last looked, so that they are found by how they stand.
     *
     * @return int how many are still to be looked at
     */
    public function look(TableRequest $asked): int
    {
        if (null === $asked->stands) {
            return 0;
        }
        $query = $this->manager->createQueryBuilder()->from(StoredPiece::class, 'piece')->where('piece.stands IS NULL');
        /** @var list<StoredPiece> $changed */
        $changed = (clone $query)->select('piece')->setMaxResults(self::AT_ONCE)->getQuery()->getResult();
        $begun = microtime(true);
        foreach ($changed as $i => $stored) {
            // Beside the entity, whose version says what its maker changed.
            $this->aside->note(
                'piece',
                ['stands' => $this->rows->of($stored)->stands()->value],
                ['id' => $stored->id(), 'version' => $stored->version()],
            );
            if ($i + 1 >= self::AT_LEAST && microtime(true) - $begun > self::LOOK) {
                break;
            }
        }

        return (int) $query->select('COUNT(piece.id)')->getQuery()->getSingleScalarResult();
    }

    public function count(TableRequest $asked): int
    {
        return (int) $this->query($asked)->select('COUNT(piece.id)')->getQuery()->getSingleScalarResult();
    }

    /**
     * @return array<int, true>|null ids of the pieces in which the words stand and that are made so; null where nothing
     *                               of that is asked for
     */
    public function meant(TableRequest $asked): ?array
    {
        if ([] === $asked->words && '' === $asked->construction) {
            return null;
        }
        $ids = $this->query($asked->anyhow())->select('piece.id')->getQuery()->getSingleColumnResult();

        return array_fill_keys(array_map(static fn (mixed $id): int => is_numeric($id) ? (int) $id : 0, $ids), true);
    }

    /**
     * @return list<string> constructions of the few hundred pieces worked on last, each once
     */
    public function used(): array
    {
        return array_values(array_filter($this->manager->getConnection()->fetchFirstColumn(
            "SELECT json_extract(document, '$.construction') AS made FROM (
                    SELECT id, document, changed_at FROM piece WHERE archived_at IS NULL
                    ORDER BY changed_at DESC, id DESC LIMIT ".self::LATEST.'
                ) latest WHERE json_valid(document)
                GROUP BY made ORDER BY MAX(changed_at) DESC, MAX(id) DESC',
        ), is_string(...)));
    }

    /**
     * @return list<string> all that can be asked for
     */
    public function constructions(): array
    {
        return $this->offers->constructions();
    }

    private function query(TableRequest $asked): QueryBuilder
    {
        $query = $this->manager->createQueryBuilder()->from(StoredPiece::class, 'piece')
            ->where('piece.archivedAt IS '.($asked->archive ? 'NOT ' : '').'NULL');
        if ('' !== $asked->construction) {
            $query->andWhere('piece.document LIKE :kind')->setParameter('kind', self::made($asked->construction));
        }
        if (null !== $asked->stands) {
            $query->andWhere('piece.stands = :stands')->setParameter('stands', $asked->stands->value);
        }
        foreach ($asked->words as $i => $word) {
            $patterns = $this->patterns($word);
            $query->andWhere($query->expr()->orX(...array_map(
                static fn (int $j): string => 'FOLDED(piece.document) LIKE :word'.$i.'_'.$j." ESCAPE '!'",
                array_keys($patterns),
            )));
            foreach ($patterns as $j => $pattern) {
                $query->setParameter('word'.$i.'_'.$j, strtolower($pattern));
            }
        }

        return $query;
    }

    /**
     * Returns how a word can stand in a document: as a text that is said there, as a colour, or as a construction that is
     * called so.
     *
     * @return list<string>
     */
    private function patterns(string $word): array
    {
        $written = substr((string) json_encode($word), 1, -1);
        $written = strtr($written, ['!' => '!!', '%' => '!%', '_' => '!_']);
        $hexes = $this->colours->hexes($word);
        // A word for a colour is looked for as a word: "red" stands in much that is measured.
        $patterns = [] === $hexes ? ['%'.$written.'%'] : ['% '.$written.'%', '%"'.$written.'%'];
        foreach ($hexes as $hex) {
            $patterns[] = '%"colour":"'.$hex.'"%';
        }
        foreach ($this->offers->constructions() as $id) {
            if (str_contains(mb_strtolower($this->translator->trans('construction.'.$id.'.name')), $word)) {
                $patterns[] = self::made($id);
            }
        }

        return $patterns;
    }

    private static function made(string $construction): string
    {
        return '%"construction":"'.$construction.'"%';
    }
}
