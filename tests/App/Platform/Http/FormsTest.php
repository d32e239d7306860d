<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Platform\Http;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Finder\Finder;

final class FormsTest extends TestCase
{
    /**
     * A form that is sent twice, by a slow line or an impatient hand, does what it does once. The table's acts have ids
     * of their own, and the page of a failed write sends again all that was sent.
     */
    public function testEachFormThatChangesSomethingIsDoneOnce(): void
    {
        $forms = 0;
        foreach (Finder::create()->files()->in(
            \dirname(__DIR__, 4).'/templates',
        )->name('*.twig')->notName('storage.html.twig') as $file) {
            preg_match_all(
                '~<form\b(?P<head>[^>]*method="post"[^>]*)>(?P<body>.*?)</form>~s',
                $file->getContents(),
                $found,
                \PREG_SET_ORDER,
            );
            foreach ($found as $form) {
                if (!str_contains($form['head'], 'id="edit"')) {
                    self::assertStringContainsString(
                        '{{ once() }}',
                        $form['body'],
                        $file->getRelativePathname().': '.$form['head'],
                    );
                    ++$forms;
                }
            }
        }
        self::assertGreaterThan(40, $forms);
    }
}
