<?php

declare(strict_types=1);

namespace Rinkel\App\Stock;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/**
 * One act that changed the stock: what each thing was before and is after, so that it can be undone.
 *
 * Before is null of what was not there, after of what is there no more, which says its kind.
 *
 * @phpstan-type Change array{
 *     before: array<string, mixed>|null, after: array<string, mixed>|null, kind?: string,
 * }
 */
#[ORM\Entity]
#[ORM\Table('stock_taking')]
#[ORM\UniqueConstraint('stock_taking_uid', columns: ['uid'])]
class StoredTaking
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null; // @phpstan-ignore property.unusedType (the database gives it)

    #[ORM\Column(options: ['default' => false])]
    private bool $undone = false;

    /**
     * @param string                $uid     by which it is the same in every copy of a maker's data
     * @param array<string, Change> $changes by uid
     */
    public function __construct(
        #[ORM\Column(length: 32, options: ['default' => ''])]
        public readonly string $uid,
        #[ORM\Column(type: Types::JSON)]
        public readonly array $changes,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
        public readonly \DateTimeImmutable $at,
        #[ORM\Column(length: 200)]
        public readonly string $what,
        #[ORM\Column(length: 10, enumType: StockTurn::class, options: ['default' => 'taken'])]
        public readonly StockTurn $turn = StockTurn::Taken,
    ) {}

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('It is not stored yet.');
    }

    /**
     * Returns what each thing is called that it changed, and where it is counted how many there were and are.
     *
     * @return list<array{name: string, was: int|null, is: int|null}>
     */
    public function things(): array
    {
        $things = [];
        foreach ($this->changes as $change) {
            $name = $change['after']['name'] ?? $change['before']['name'] ?? '';
            [$was, $is] = [$change['before']['count'] ?? 0, $change['after']['count'] ?? null];
            $isCounted = \is_int($was) && \is_int($is);
            $things[] = [
                'name' => \is_string($name) ? $name : '',
                'was' => $isCounted ? $was : null,
                'is' => $isCounted ? $is : null,
            ];
        }

        return $things;
    }

    public function isUndone(): bool
    {
        return $this->undone;
    }

    public function undo(): void
    {
        $this->undone = true;
    }
}
