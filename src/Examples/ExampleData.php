<?php

declare(strict_types=1);

namespace Rinkel\App\Examples;

use Doctrine\ORM\EntityManagerInterface;
use Rinkel\App\Board\Boards;
use Rinkel\App\Kept\Everything;
use Rinkel\App\People\People;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Platform\Database\ExclusiveTransaction;
use Rinkel\App\Samples\Samples;
use Rinkel\App\Settings\Preferences;

/**
 * The example data: pieces, people, samples, stock, boards, orders, a day and a log of an invented maker. It is laid
 * only where nobody has a piece yet, what it is is written down, and all of it is gone with one act.
 */
final readonly class ExampleData
{
    private const SETTING = 'setting';

    /**
     * What their hour and a piece of theirs cost, so that prices show what they are made of; and how far they are in
     * the course.
     */
    private const TERMS = [
        'rate' => '17', 'factor' => '1.25', 'packing' => '0.60', 'steps' => '0.5', 'course' => '161 mm 1krp 2krp 3kr',
    ];

    public function __construct(
        private ExampleScene $scene,
        private Pieces $pieces,
        private Preferences $preferences,
        private Everything $everything,
        private EntityManagerInterface $manager,
        private ExclusiveTransaction $alone,
    ) {}

    /**
     * Returns how many pieces were laid; null where there are some already, and nothing was.
     */
    public function lay(): ?int
    {
        if ([] !== $this->pieces->onTheTable(1) || [] !== $this->pieces->archived()) {
            return null;
        }

        return $this->alone->run(function (): int {
            $before = $this->present();
            $count = $this->scene->lay();
            $set = $this->terms();
            foreach ([...array_diff($this->present(), $before), ...array_map(
                static fn (string $name, string $text): string => self::SETTING.' '.$name.' '.$text,
                array_keys($set),
                $set,
            )] as $what) {
                if (null === $this->manager->find(StoredExample::class, $what)) {
                    $this->manager->persist(new StoredExample($what));
                }
            }
            $this->manager->flush();

            return $count;
        });
    }

    /**
     * Sets what prices are made of, and a course that is begun, where nobody has.
     *
     * @return array<string, string> what was set
     */
    private function terms(): array
    {
        $all = $this->preferences->all();
        $set = array_filter(self::TERMS, static fn (string $name): bool => '' === $all[$name], \ARRAY_FILTER_USE_KEY);
        $this->preferences->keep($set + $all);

        return $set;
    }

    /**
     * Returns whether any of it is still there.
     */
    public function isThere(): bool
    {
        return 0 < $this->manager->getRepository(StoredExample::class)->count();
    }

    /**
     * Takes all of it away, and leaves what its maker added: what they set otherwise, and what they made from it.
     */
    public function remove(): void
    {
        $this->alone->run(function (): void {
            $marks = array_map(
                static fn (StoredExample $one): array => explode(' ', $one->what, 3),
                $this->manager->getRepository(StoredExample::class)->findAll(),
            );
            foreach (array_reverse($this->everything->all()) as $word => $kind) {
                foreach ($marks as $mark) {
                    $stored = $word === $mark[0] ? $kind->find($mark[1] ?? '') : null;
                    if (null !== $stored) {
                        $kind->remove($stored);
                    }
                }
                $this->manager->flush();
            }
            $now = $this->preferences->all();
            $this->preferences->keep(array_fill_keys(array_column(array_filter(
                $marks,
                static fn (array $mark): bool => self::SETTING === $mark[0]
                    && ($now[$mark[1] ?? ''] ?? '') === ($mark[2] ?? ''),
            ), 1), '') + $now);
            $this->manager->createQuery('DELETE FROM '.StoredExample::class)->execute();
        });
    }

    /**
     * @return list<string> word and uid of all that is kept
     */
    private function present(): array
    {
        $present = [];
        foreach ($this->everything->all() as $word => $kind) {
            foreach ($kind->uids() as $uid) {
                $present[] = $word.' '.$uid;
            }
        }

        return $present;
    }
}
