<?php

declare(strict_types=1);

namespace Rinkel\App\Stock;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Rinkel\Core\Stock\Kind;

/**
 * One kind of thing in the stock box, as docs/stock.schema.json says it.
 */
#[ORM\Entity]
#[ORM\Table('stock_item')]
#[ORM\UniqueConstraint('stock_item_uid', columns: ['uid'])]
#[ORM\Index('stock_item_likeness', columns: ['likeness'])]
class StoredItem
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null; // @phpstan-ignore property.unusedType (the database gives it)

    /** By which a piece finds it; "" while nobody worked it out. */
    #[ORM\Column(length: 120)]
    private string $likeness = '';

    /**
     * @param array<string, mixed> $document
     * @param string               $uid      by which it is the same in every copy of a maker's data
     */
    public function __construct(
        #[ORM\Column(length: 10, enumType: Kind::class)]
        private Kind $kind,
        #[ORM\Column(type: Types::JSON)]
        private array $document,
        #[ORM\Column(length: 32)]
        private string $uid,
    ) {}

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('It is not stored yet.');
    }

    public function kind(): Kind
    {
        return $this->kind;
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
    public function become(array $document, string $likeness): void
    {
        $this->document = $document;
        $this->likeness = mb_substr($likeness, 0, 120);
    }

    /**
     * Returns by what it is told from what it was before.
     */
    public function mark(): string
    {
        return hash('xxh3', serialize($this->document));
    }

    public function materialKey(): string
    {
        return $this->likeness;
    }

    public function text(string $field): string
    {
        $value = $this->document[$field] ?? '';

        return \is_scalar($value) ? (string) $value : '';
    }

    /**
     * @return list<string> of "offcuts", "spools" or "bears"
     */
    public function texts(string $of): array
    {
        $texts = $this->document[$of] ?? [];

        return \is_array($texts) ? array_values(array_filter($texts, is_string(...))) : [];
    }
}
