<?php

declare(strict_types=1);

namespace Rinkel\App\Devices;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;

/**
 * Passes on what instruments say to the pages that listen; older lines are forgotten.
 */
final readonly class Devices
{
    private const KEPT = 50;

    /** A page that listens is told nothing older, in seconds: it would land in another field. */
    private const FRESH = 5;

    public function __construct(
        private EntityManagerInterface $manager,
        private ClockInterface $clock,
    ) {}

    public function say(string $line): void
    {
        $stored = new StoredReading(trim($line), $this->clock->now());
        $this->manager->persist($stored);
        $this->manager->flush();
        $this->manager->createQuery(\sprintf('DELETE FROM %s reading WHERE reading.id <= :old', StoredReading::class))
            ->setParameter('old', $stored->id() - self::KEPT)->execute();
    }

    /**
     * @return list<StoredReading> after $last, the oldest first; with no last, none, but what comes next is after
     *                             last()
     */
    public function after(int $last): array
    {
        /** @var list<StoredReading> */
        return $this->manager->createQuery(\sprintf(
            'SELECT reading FROM %s reading WHERE reading.id > :last AND reading.at >= :fresh ORDER BY reading.id',
            StoredReading::class,
        ))->setParameter('last', $last)
            ->setParameter('fresh', $this->clock->now()->modify('-'.self::FRESH.' seconds'))->getResult();
    }

    public function last(): int
    {
        return (int) $this->manager->createQuery(
            \sprintf('SELECT MAX(reading.id) FROM %s reading', StoredReading::class),
        )->getSingleScalarResult();
    }
}
