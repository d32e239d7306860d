<?php

declare(strict_types=1);

namespace Rinkel\App\Settings;

use Doctrine\ORM\Mapping as ORM;

/**
 * One setting as its maker wrote it.
 */
#[ORM\Entity]
#[ORM\Table('setting')]
final class StoredSetting
{
    public function __construct(
        #[ORM\Id, ORM\Column(length: 40)]
        private readonly string $name,
        #[ORM\Column(length: 200)]
        private string $text,
        #[ORM\Id, ORM\Column(length: 32, options: ['default' => ''])]
        private readonly string $member = '',
    ) {}

    public function name(): string
    {
        return $this->name;
    }

    /**
     * Returns the uid of whose it is; "" for the workshop's, or where one maker works.
     */
    public function member(): string
    {
        return $this->member;
    }

    public function text(): string
    {
        return $this->text;
    }

    public function write(string $text): void
    {
        $this->text = $text;
    }
}
