<?php

declare(strict_types=1);

namespace Rinkel\App\Log;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/**
 * A photo of a finished piece as JPEG, by the uid of its entry. Photos are fetched one by one, by Photos.
 */
#[ORM\Entity]
#[ORM\Table('photo')]
class StoredPhoto
{
    public function __construct(
        #[ORM\Id, ORM\Column(length: 32)]
        public readonly string $uid,
        #[ORM\Column(type: Types::BLOB)]
        public readonly mixed $jpeg,
    ) {}
}
