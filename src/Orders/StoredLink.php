<?php

declare(strict_types=1);

namespace Rinkel\App\Orders;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Rinkel\App\Kept\Passing;

/**
 * A customer's way to one order, until it expires or is withdrawn. The token is in the link alone; what is kept here is
 * its hash.
 */
#[ORM\Entity]
#[Passing]
#[ORM\Table('customer_link')]
#[ORM\UniqueConstraint('customer_link_proof', columns: ['proof'])]
#[ORM\UniqueConstraint('customer_link_order', columns: ['order_id'])]
class StoredLink
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null; // @phpstan-ignore property.onlyWritten, property.unusedType (the database gives it)

    /**
     * @param string $proof   SHA-256 of its token
     * @param int    $expires when, in seconds since 1970
     */
    public function __construct(
        #[ORM\OneToOne]
        #[ORM\JoinColumn(name: 'order_id', nullable: false, onDelete: 'CASCADE')]
        private StoredOrder $order,
        #[ORM\Column(length: 64)]
        private string $proof,
        #[ORM\Column(type: Types::BIGINT)]
        private int $expires,
    ) {}

    public function order(): StoredOrder
    {
        return $this->order;
    }

    public function proof(): string
    {
        return $this->proof;
    }

    public function expires(): \DateTimeImmutable
    {
        return new \DateTimeImmutable('@'.$this->expires);
    }

    public function renew(string $proof, int $expires): void
    {
        [$this->proof, $this->expires] = [$proof, $expires];
    }
}
