<?php

declare(strict_types=1);

namespace Rinkel\App\Knots;

use Doctrine\ORM\EntityManagerInterface;
use Random\Randomizer;
use Rinkel\App\Platform\Database\ExclusiveTransaction;
use Rinkel\Core\Knot\Exception\KnotUnreadable;
use Rinkel\Core\Knot\Kind\DrawnKnot;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\KnotReader;

/**
 * The knots that makers drew here. A piece that ties one has it in itself, as it was then: nothing here changes it.
 */
final readonly class OwnKnots implements KnotsAtHand
{
    public function __construct(
        private EntityManagerInterface $manager,
        private Randomizer $chance,
        private ExclusiveTransaction $alone,
        private KnotReader $reader,
    ) {}

    /**
     * @return list<StoredKnot> by name
     */
    public function all(): array
    {
        return array_values($this->manager->getRepository(StoredKnot::class)->findBy([], ['name' => 'ASC']));
    }

    public function withUid(string $uid): ?StoredKnot
    {
        return $this->manager->getRepository(StoredKnot::class)->findOneBy(['uid' => $uid]);
    }

    public function named(string $name): ?DrawnKnot
    {
        $stored = $this->stored($name);

        return null === $stored ? null : $this->read($stored);
    }

    public function stored(string $name): ?StoredKnot
    {
        return $this->manager->getRepository(StoredKnot::class)->findOneBy(['name' => $name]);
    }

    public function read(StoredKnot $stored): ?DrawnKnot
    {
        try {
            return $this->reader->read($stored->document());
        } catch (PieceUnreadable) {
            return null; // its own page says so
        }
    }

    public function names(): array
    {
        return array_values(array_filter($this->manager->getConnection()->fetchFirstColumn(
            'SELECT name FROM own_knot ORDER BY name',
        ), is_string(...)));
    }

    public function known(): array
    {
        return array_values(array_filter(array_map($this->read(...), $this->all())));
    }

    public function in(string $pattern): array
    {
        $named = [];
        $said = ' '.preg_replace('/[^\pL\pN]+/u', ' ', mb_strtolower(mb_scrub($pattern))).' ';
        foreach ($this->names() as $name) {
            $knot = str_contains($said, ' '.$name.' ') ? $this->named($name) : null;
            if (null !== $knot) {
                $named[$name] = $knot;
            }
        }

        return $named;
    }

    /**
     * Keeps a knot: as a new one, or as what the one with $uid is from now on.
     *
     * @throws KnotUnreadable If another has its name
     */
    public function keep(DrawnKnot $knot, string $note, string $uid = ''): StoredKnot
    {
        return $this->alone->run(function () use ($knot, $note, $uid): StoredKnot {
            $there = $this->stored($knot->word());
            if (null !== $there && $there->uid() !== $uid) {
                throw KnotUnreadable::taken($knot->word());
            }
            $document = $this->reader->write($knot);
            $stored = $this->withUid($uid);
            $stored?->become($document, $note);
            $stored ??= new StoredKnot(bin2hex($this->chance->getBytes(16)), $document, $note);
            $this->manager->persist($stored);
            $this->manager->flush();

            return $stored;
        });
    }
}
