<x-trouble :title="__('page/errors.404.page_not_found')">{{ __('page/errors.404.the_job_station_or_page') }}</x-trouble>
