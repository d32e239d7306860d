<?php

declare(strict_types=1);

namespace Rinkel\App\Stock;

use Doctrine\ORM\EntityManagerInterface;
use Rinkel\Core\Cutting\Cutting;
use Rinkel\Core\Cutting\Demand;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Stock\Supply;

/**
 * Keeps which cuts of cut sheets are made.
 */
final readonly class Ticks
{
    public function __construct(private EntityManagerInterface $manager) {}

    /**
     * Returns by what a cut is told from all others.
     */
    public static function of(Demand $demand, Length $length, Supply $supply): string
    {
        return hash('xxh128', implode("\n", [$demand->id, $length, $supply->id, $supply->length]));
    }

    /**
     * Returns by what a cut from cord that is not in stock is told from all others.
     */
    public static function elsewhere(Demand $demand): string
    {
        return hash('xxh128', implode("\n", [$demand->id, $demand->wished, 'elsewhere']));
    }

    /**
     * @return array<string, true> cuts that are made, of a sheet
     */
    public function made(Cutting $cutting): array
    {
        /** @var list<StoredTick> $ticks */
        $ticks = $this->manager->getRepository(StoredTick::class)->findBy(['cut' => self::cuts($cutting)]);

        return array_fill_keys(array_map(static fn (StoredTick $tick): string => $tick->cut(), $ticks), true);
    }

    /**
     * @return list<string> all that are ticked, of whichever sheet
     */
    public function all(): array
    {
        return array_values(array_map(
            static fn (mixed $cut): string => \is_string($cut) ? $cut : '',
            $this->manager->createQuery(\sprintf('SELECT tick.cut FROM %s tick', StoredTick::class))
                ->getSingleColumnResult(),
        ));
    }

    public function set(string $cut, bool $made): void
    {
        $there = $this->manager->find(StoredTick::class, $cut);
        if ($made && null === $there) {
            $this->manager->persist(new StoredTick($cut));
        } elseif (!$made && null !== $there) {
            $this->manager->remove($there);
        }
        $this->manager->flush();
    }

    /**
     * Forgets the ticks of a sheet that was taken off the stock.
     */
    public function clear(Cutting $cutting): void
    {
        foreach ($this->manager->getRepository(StoredTick::class)->findBy(['cut' => self::cuts($cutting)]) as $tick) {
            $this->manager->remove($tick);
        }
        $this->manager->flush();
    }

    /**
     * @return list<string>
     */
    private static function cuts(Cutting $cutting): array
    {
        $cuts = [];
        foreach ($cutting->sheets as [, , $sheet]) {
            foreach ($sheet->taken as $taken) {
                foreach ($taken->cuts as [$demand, $length]) {
                    $cuts[] = self::of($demand, $length, $taken->supply);
                }
            }
            foreach ($sheet->unserved as $demand) {
                $cuts[] = self::elsewhere($demand);
            }
        }

        return $cuts;
    }
}
