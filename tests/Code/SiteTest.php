<?php

declare(strict_types=1);

namespace Rinkel\Tests\Code;

use PHPUnit\Framework\TestCase;
use Symfony\Component\DomCrawler\Crawler;
use Symfony\Component\Process\Process;

/**
 * The site that bin/build-site makes of what is written: read from page to page, with nothing from elsewhere.
 */
final class SiteTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/rinkel-site-'.getmypid();
        (new Process([\PHP_BINARY, \dirname(__DIR__, 2).'/bin/build-site', $this->folder]))->mustRun();
    }

    protected function tearDown(): void
    {
        (new Process(['rm', '-r', $this->folder]))->run();
    }

    /**
     * From the first page one comes to all others, and every link and picture of a page is there.
     */
    public function testEveryLinkLeadsSomewhere(): void
    {
        [$open, $seen] = [[$this->folder.'/index.html'], []];
        while (null !== $file = array_pop($open)) {
            $page = new Crawler((string) file_get_contents($file));
            $seen[$file] = true;
            $links = [...$page->filter('[href]')->extract(['href']), ...$page->filter('[src]')->extract(['src'])];
            foreach ($links as $link) {
                self::assertIsString($link);
                if (1 === preg_match('~^(https?|mailto):~', $link)) {
                    $fetched = $page->filter('[src="'.$link.'"], link[href="'.$link.'"]');
                    self::assertCount(0, $fetched, 'nothing is fetched from elsewhere');
                    continue;
                }
                [$path] = explode('#', $link);
                $to = '' === $path ? $file : realpath(\dirname($file).'/'.rawurldecode($path));
                self::assertNotFalse($to, basename($file).': '.$link);
                if (str_ends_with($to, '.html') && !isset($seen[$to])) {
                    $open[] = $to;
                }
            }
        }
        $all = (new Process(['find', $this->folder, '-name', '*.html']))->mustRun()->getOutput();
        self::assertCount(\count(explode("\n", trim($all))), $seen);
        self::assertGreaterThan(30, \count($seen));
    }

    public function testAPageSaysWhatItsTextSays(): void
    {
        $page = new Crawler((string) file_get_contents($this->folder.'/formats.html'));
        self::assertSame('Formats', $page->filter('main h1')->text());
        self::assertSame('Formats', $page->filter('nav [aria-current]')->text());
        self::assertCount(1, $page->filter('main h3#rinkel-log-csv'));
        self::assertGreaterThan(80, $page->filter('main tr')->count());
        $schema = (string) $page->filter('main a')->first()->attr('href');
        self::assertJson((string) file_get_contents($this->folder.'/'.$schema));
    }
}
