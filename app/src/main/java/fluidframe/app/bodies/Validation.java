package fluidframe.app.bodies;

import java.util.Map;
import org.springframework.context.annotation.Configuration;
import org.springframework.validation.Errors;
import org.springframework.validation.SmartValidator;
import org.springframework.validation.Validator;
import org.springframework.validation.beanvalidation.LocalValidatorFactoryBean;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Says of what a person sends everything that is wrong, and of what is larger than that the first thing: thousands of
 * complaints would take more room than what they are about.
 */
@Configuration(proxyBeanMethods = false)
class Validation implements WebMvcConfigurer {

    @Override
    public Validator getValidator() {
        return new BySize(validator(false), validator(true));
    }

    private static SmartValidator validator(boolean firstOnly) {
        LocalValidatorFactoryBean validator = new LocalValidatorFactoryBean();
        validator.setValidationPropertyMap(Map.of("hibernate.validator.fail_fast", String.valueOf(firstOnly)));
        validator.afterPropertiesSet();
        return validator;
    }

    private record BySize(SmartValidator thorough, SmartValidator quick) implements SmartValidator {

        private SmartValidator validator() {
            RequestAttributes request = RequestContextHolder.getRequestAttributes();
            boolean large = request != null
                    && SentBody.of(request).filter(SentBody::isLarge).isPresent();
            return large ? quick : thorough;
        }

        @Override
        public boolean supports(Class<?> type) {
            return thorough.supports(type);
        }

        @Override
        public void validate(Object target, Errors errors) {
            validator().validate(target, errors);
        }

        @Override
        public void validate(Object target, Errors errors, Object... hints) {
            validator().validate(target, errors, hints);
        }
    }
}
