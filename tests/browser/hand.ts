import type { Locator, Page } from '@playwright/test';
import { dropFile } from './studio';

/** A hand that counts what it does: each click, drag, key command and typed field is one. */
export class Hand {
    private readonly done: string[] = [];

    constructor(private readonly page: Page) {}

    get count() {
        return this.done.length;
    }

    async click(what: Locator, words: string) {
        this.done.push(`click ${words}`);
        await what.click();
    }

    async key(key: string, words: string) {
        this.done.push(`${key}: ${words}`);
        await this.page.keyboard.press(key);
    }

    async type(field: Locator, text: string, words: string) {
        this.done.push(`type ${words}`);
        await field.fill(text);
    }

    async drop(place: Locator, words: string, ...paths: string[]) {
        this.done.push(`drop ${words}`);
        await dropFile(this.page, place, ...paths);
    }

    /** Prints what it took. */
    tell(job: string) {
        console.log(`${job}: ${this.count} (${this.done.join('; ')})`);
    }
}
