<?php

declare(strict_types=1);

namespace Rinkel\App\Stock;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/**
 * One kind of cord in the stock box, as docs/stock.schema.json says it.
 */
#[ORM\Entity]
#[ORM\Table('stock_cord')]
#[ORM\UniqueConstraint('stock_cord_uid', columns: ['uid'])]
class StoredCord
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null; // @phpstan-ignore property.unusedType (the database gives it)

    /**
     * @param array<string, mixed> $document
     * @param string               $uid      by which it is the same in every copy of a maker's data
     */
    public function __construct(
        #[ORM\Column(type: Types::JSON)]
        private array $document,
        #[ORM\Column(length: 32)]
        private string $uid,
    ) {}

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('The cord is not stored yet.');
    }

    public function uid(): string
    {
        return $this->uid;
    }

    /**
     * @return array<string, mixed>
     */
    public function document(): array
    {
        return $this->document;
    }

    /**
     * @param array<string, mixed> $document
     */
    public function become(array $document): void
    {
        $this->document = $document;
    }

    public function text(string $field): string
    {
        $value = $this->document[$field] ?? '';

        return \is_scalar($value) ? (string) $value : '';
    }

    /**
     * @return list<string> lengths, of "offcuts" or "spools"
     */
    public function lengths(string $of): array
    {
        $lengths = $this->document[$of] ?? [];

        return \is_array($lengths) ? array_values(array_filter($lengths, is_string(...))) : [];
    }
}
