<?php

declare(strict_types=1);

namespace Rinkel\App\Table;

use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\QueryBuilder;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\Core\Construction\Offers;
use Symfony\Contracts\Translation\TranslatorInterface;

/**
 * Finds pieces by any word in them: of their name, their beads and findings, their cords' fibre, where they are worn,
 * and how they are made, as the page calls that.
 */
final readonly class Found
{
    public const PAGE = 24;

    public function __construct(
        private EntityManagerInterface $manager,
        private Offers $offers,
        private TranslatorInterface $translator,
    ) {}

    /**
     * @return list<StoredPiece> those of the page that is asked for
     */
    public function pieces(Asked $asked): array
    {
        $query = $this->query($asked)->select('piece');
        'name' === $asked->sort
            ? $query->addSelect(
                "LOWER(SUBSTRING(piece.document, LOCATE('\"name\":\"', piece.document))) AS HIDDEN called",
            )->orderBy('called')->addOrderBy('piece.id')
            : $query->orderBy('piece.changedAt', 'DESC')->addOrderBy('piece.id', 'DESC');

        /** @var list<StoredPiece> */
        return $query->setFirstResult(self::PAGE * ($asked->page - 1))->setMaxResults(self::PAGE)->getQuery()
            ->getResult();
    }

    public function count(Asked $asked): int
    {
        return (int) $this->query($asked)->select('COUNT(piece.id)')->getQuery()->getSingleScalarResult();
    }

    /**
     * @return list<string> all that can be asked for
     */
    public function constructions(): array
    {
        return $this->offers->constructions();
    }

    private function query(Asked $asked): QueryBuilder
    {
        $query = $this->manager->createQueryBuilder()->from(StoredPiece::class, 'piece')
            ->where('piece.archivedAt IS '.($asked->archive ? 'NOT ' : '').'NULL');
        if ('' !== $asked->construction) {
            $query->andWhere('piece.document LIKE :kind')->setParameter('kind', self::made($asked->construction));
        }
        foreach ($asked->words as $i => $word) {
            $query->andWhere($query->expr()->orX(...array_map(
                static fn (int $j): string => 'piece.document LIKE :word'.$i.'_'.$j." ESCAPE '!'",
                array_keys($this->patterns($word)),
            )));
            foreach ($this->patterns($word) as $j => $pattern) {
                $query->setParameter('word'.$i.'_'.$j, $pattern);
            }
        }

        return $query;
    }

    /**
     * Returns how a word can stand in a document: as a text that is said there, or as a construction that is called so.
     *
     * @return list<string>
     */
    private function patterns(string $word): array
    {
        $written = substr((string) json_encode($word), 1, -1);
        $patterns = ['%'.strtr($written, ['!' => '!!', '%' => '!%', '_' => '!_']).'%'];
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
