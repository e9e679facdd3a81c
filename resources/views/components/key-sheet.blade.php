<dialog class="keys" data-keys aria-labelledby="keys-title">
    <h2 id="keys-title" class="text-xl">{{ __('page/components.key-sheet.keyboard') }}</h2>
    <dl>
        <dt><kbd>{{ __('page/components.key-sheet.enter') }}</kbd></dt><dd>{{ __('page/components.key-sheet.next_field_then_save_and') }}</dd>
        <dt><kbd>{{ __('page/components.key-sheet.page_down') }}</kbd> <kbd>{{ __('page/components.key-sheet.page_up') }}</kbd></dt><dd>{{ __('page/components.key-sheet.next_station_station_before') }}</dd>
        <dt><kbd>m</kbd></dt><dd>{{ __('page/components.key-sheet.draw_heights_five_times_larger') }}</dd>
        <dt><kbd>k</kbd></dt><dd>{{ __('page/components.key-sheet.pad_of_sixteenths_open_or') }}</dd>
        <dt><kbd>g</kbd></dt><dd>{{ __('page/components.key-sheet.back_to_the_yard') }}</dd>
        <dt><kbd>l</kbd></dt><dd>{{ __('page/components.key-sheet.the_log_of_every_job') }}</dd>
        <dt><kbd>n</kbd></dt><dd>{{ __('page/components.key-sheet.start_a_new_job') }}</dd>
        <dt><kbd>?</kbd></dt><dd>{{ __('page/components.key-sheet.this_sheet') }}</dd>
    </dl>
    <p class="sentence">{{ __('page/components.key-sheet.letters_work_outside_the_fields') }}</p>
    <form method="dialog" class="mt-4"><button class="button">{{ __('page/components.key-sheet.close') }}</button></form>
</dialog>
