<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Page\Twig;

use Rinkel\App\Page\Twig\FormExtension;
use Rinkel\Tests\App\WebCase;
use Twig\Environment;

final class FormExtensionTest extends WebCase
{
    public function testAFormIsSentOnce(): void
    {
        $twig = self::getContainer()->get(Environment::class);
        self::assertTrue($twig->hasExtension(FormExtension::class));
        $two = $twig->createTemplate("{{ once() }}\n{{ once() }}")->render();

        $field = '/^<input type="hidden" name="once" value="([0-9a-f]{24})">$/m';
        self::assertSame(2, preg_match_all($field, $two, $found));
        self::assertNotSame($found[1][0], $found[1][1]);
    }

    public function testWhatThereIsToChooseFrom(): void
    {
        $twig = self::getContainer()->get(Environment::class);
        $said = $twig->createTemplate("{{ choices('Rinkel\\\\Core\\\\Knot\\\\Side')|join(' ') }}")->render();

        self::assertSame('left right', $said);
    }
}
