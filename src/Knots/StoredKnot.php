<?php

declare(strict_types=1);

namespace Rinkel\App\Knots;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/**
 * A knot that a maker drew, and what it came to when it was pulled tight (docs/knot.schema.json).
 */
#[ORM\Entity]
#[ORM\Table('own_knot')]
#[ORM\UniqueConstraint('own_knot_uid', columns: ['uid'])]
#[ORM\UniqueConstraint('own_knot_name', columns: ['name'])]
class StoredKnot
{
    public const NOTE = 300;

    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null; // @phpstan-ignore property.unusedType, property.onlyWritten (the database goes by it)

    #[ORM\Column(length: 60)]
    private string $name = '';

    /**
     * @param array<mixed> $document
     * @param string       $uid      by which it is the same in every copy of a maker's data
     */
    public function __construct(
        #[ORM\Column(length: 32)]
        private string $uid,
        #[ORM\Column(type: Types::JSON)]
        private array $document,
        #[ORM\Column(length: self::NOTE, options: ['default' => ''])]
        private string $note = '',
    ) {
        $this->become($document, $note);
    }

    public function uid(): string
    {
        return $this->uid;
    }

    public function name(): string
    {
        return $this->name;
    }

    /**
     * @return array<mixed>
     */
    public function document(): array
    {
        return $this->document;
    }

    /**
     * Returns what its maker wrote of it: what it is good for.
     */
    public function note(): string
    {
        return $this->note;
    }

    /**
     * @param array<mixed> $document
     */
    public function become(array $document, string $note): void
    {
        $name = $document['name'] ?? '';
        [$this->document, $this->note, $this->name] = [$document, $note, \is_string($name) ? $name : ''];
    }
}
